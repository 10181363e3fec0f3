<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="he" sourcelanguage="en">
<context>
    <name>Beginning</name>
    <message>
        <source>%1 could not be removed.</source>
        <translation>לא ניתן היה להסיר את %1.</translation>
    </message>
</context>
<context>
    <name>Blanks</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 עד %2</translation>
    </message>
    <message>
        <source>%1 %2 round the words × %3</source>
        <translation>%1 %2 סביב המילים × %3</translation>
    </message>
    <message>
        <source>%1 %2 × %3 × %4</source>
        <translation>%1 %2 × %3 × %4</translation>
    </message>
    <message>
        <source>, %1 corners</source>
        <translation>, %1 פינות</translation>
    </message>
    <message>
        <source>, drawn outline</source>
        <translation>, קו מתאר משורטט</translation>
    </message>
    <message>
        <source>, %1</source>
        <translation>, %1</translation>
    </message>
    <message>
        <source>, corners %1</source>
        <translation>, פינות %1</translation>
    </message>
    <message>
        <source>none</source>
        <translation>אין</translation>
    </message>
    <message>
        <source>no blank</source>
        <translation>אין גלם</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>לוח</translation>
    </message>
    <message>
        <source>disc</source>
        <translation>דיסקה</translation>
    </message>
    <message>
        <source>disc ⌀ %1 × %2</source>
        <translation>דיסקה ⌀ %1 × %2</translation>
    </message>
    <message>
        <source>, centre hole %1</source>
        <translation>, חור מרכזי %1</translation>
    </message>
    <message>
        <source>wedge</source>
        <translation>טריז</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>מוט</translation>
    </message>
    <message>
        <source>bar ⌀ %1 × %2</source>
        <translation>מוט ⌀ %1 × %2</translation>
    </message>
    <message>
        <source>block</source>
        <translation>גוש</translation>
    </message>
    <message>
        <source>block %1 × %2 × %3</source>
        <translation>גוש %1 × %2 × %3</translation>
    </message>
    <message>
        <source>tube</source>
        <translation>צינור</translation>
    </message>
    <message>
        <source>tube ⌀ %1, bore %2 × %3</source>
        <translation>צינור ⌀ %1, קדח %2 × %3</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>טבעת</translation>
    </message>
    <message>
        <source>ring, bore %1 × %2 × %3</source>
        <translation>טבעת, קדח %1 × %2 × %3</translation>
    </message>
    <message>
        <source>, flat %1</source>
        <translation>, משטח %1</translation>
    </message>
    <message>
        <source>cone</source>
        <translation>חרוט</translation>
    </message>
    <message>
        <source>cone ⌀ %1 to %2 × %3</source>
        <translation>חרוט ⌀ %1 עד %2 × %3</translation>
    </message>
    <message>
        <source>sphere</source>
        <translation>כדור</translation>
    </message>
    <message>
        <source>sphere ⌀ %1</source>
        <translation>כדור ⌀ %1</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>חרוט במחרטה</translation>
    </message>
    <message>
        <source>turned ⌀ %1, %2 along its profile</source>
        <translation>חרוט במחרטה ⌀ %1, %2 לאורך הפרופיל</translation>
    </message>
    <message>
        <source>faceted</source>
        <translation>רב־פאות</translation>
    </message>
    <message>
        <source>%1 facets, %2 across, bore %3 × %4</source>
        <translation>%1 פאות, %2 לרוחב, קדח %3 × %4</translation>
    </message>
    <message>
        <source>from a file</source>
        <translation>מקובץ</translation>
    </message>
    <message>
        <source>from a file, none chosen yet</source>
        <translation>מקובץ, טרם נבחר</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>מתוך %1</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>מלבן</translation>
    </message>
    <message>
        <source>oval</source>
        <translation>אליפסה</translation>
    </message>
    <message>
        <source>polygon</source>
        <translation>מצולע</translation>
    </message>
    <message>
        <source>tag with an ear</source>
        <translation>תווית עם אוזן</translation>
    </message>
    <message>
        <source>from a drawing</source>
        <translation>משרטוט</translation>
    </message>
    <message>
        <source>round the words</source>
        <translation>סביב המילים</translation>
    </message>
    <message>
        <source>round</source>
        <translation>עגול</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>חריץ</translation>
    </message>
    <message>
        <source>countersunk</source>
        <translation>שקוע קונית</translation>
    </message>
    <message>
        <source>bore ⌀, mm</source>
        <translation>קדח ⌀, מ״מ</translation>
    </message>
    <message>
        <source>round the bore, mm</source>
        <translation>סביב הקדח, מ״מ</translation>
    </message>
    <message>
        <source>North American</source>
        <translation>צפון אמריקאי</translation>
    </message>
    <message>
        <source>British letters</source>
        <translation>אותיות בריטיות</translation>
    </message>
    <message>
        <source>Japanese</source>
        <translation>יפני</translation>
    </message>
    <message>
        <source>Swiss</source>
        <translation>שווייצרי</translation>
    </message>
    <message>
        <source>dome</source>
        <translation>כיפה</translation>
    </message>
    <message>
        <source>egg</source>
        <translation>ביצה</translation>
    </message>
    <message>
        <source>bead</source>
        <translation>חרוז</translation>
    </message>
    <message>
        <source>roller</source>
        <translation>גליל</translation>
    </message>
    <message>
        <source>cap</source>
        <translation>פקק</translation>
    </message>
    <message>
        <source>spindle</source>
        <translation>כישור</translation>
    </message>
    <message>
        <source>finger ring</source>
        <translation>טבעת אצבע</translation>
    </message>
    <message>
        <source>key ring</source>
        <translation>טבעת מפתחות</translation>
    </message>
    <message>
        <source>signet</source>
        <translation>טבעת חותם</translation>
    </message>
    <message>
        <source>, off by %1 at most</source>
        <translation>, סוטה לכל היותר %1</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>לא נמצא</translation>
    </message>
    <message>
        <source>flat, %1 × %2</source>
        <translation>שטוח, %1 × %2</translation>
    </message>
    <message>
        <source>bore ⌀ %1 × %2</source>
        <translation>קדח ⌀ %1 × %2</translation>
    </message>
    <message>
        <source>⌀ %1 × %2</source>
        <translation>⌀ %1 × %2</translation>
    </message>
    <message>
        <source>conical bore ⌀ %1 to %2 × %3</source>
        <translation>קדח חרוטי ⌀ %1 עד %2 × %3</translation>
    </message>
    <message numerus="yes">
        <source>, %n hole(s)</source>
        <translation>
            <numerusform>, חור %n</numerusform>
            <numerusform>, %n חורים</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 kg</source>
        <translation>%1 ק״ג</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 גרם</translation>
    </message>
</context>
<context>
    <name>Cuttings</name>
    <message>
        <source>scribe</source>
        <translation>חריטת קו</translation>
    </message>
    <message>
        <source>V-carve</source>
        <translation>חריטת V</translation>
    </message>
    <message>
        <source>pocket</source>
        <translation>כיס</translation>
    </message>
    <message>
        <source>cut out</source>
        <translation>חיתוך החוצה</translation>
    </message>
    <message>
        <source>clear the ground</source>
        <translation>פינוי הרקע</translation>
    </message>
    <message>
        <source>raster</source>
        <translation>סריקה</translation>
    </message>
    <message>
        <source>drill</source>
        <translation>קידוח</translation>
    </message>
    <message>
        <source>of the rack</source>
        <translation>מן המתלה</translation>
    </message>
    <message>
        <source>flat cutter</source>
        <translation>כרסום ישר</translation>
    </message>
    <message>
        <source>ball cutter</source>
        <translation>כרסום כדורי</translation>
    </message>
    <message>
        <source>V-bit</source>
        <translation>כרסום V</translation>
    </message>
    <message>
        <source>engraving point</source>
        <translation>חוד חריטה</translation>
    </message>
    <message>
        <source>drag point</source>
        <translation>חוד נגרר</translation>
    </message>
    <message>
        <source>torch</source>
        <translation>מבער</translation>
    </message>
    <message>
        <source>laser</source>
        <translation>לייזר</translation>
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
        <translation>תנועות ישרות בלבד</translation>
    </message>
    <message>
        <source>lines and arcs</source>
        <translation>ישרים וקשתות</translation>
    </message>
    <message>
        <source>top left</source>
        <translation>למעלה משמאל</translation>
    </message>
    <message>
        <source>top</source>
        <translation>למעלה</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>למעלה מימין</translation>
    </message>
    <message>
        <source>left</source>
        <translation>שמאל</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>מרכז</translation>
    </message>
    <message>
        <source>right</source>
        <translation>ימין</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>למטה משמאל</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>למטה</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>למטה מימין</translation>
    </message>
    <message>
        <source>a point of its own</source>
        <translation>נקודה משלה</translation>
    </message>
    <message>
        <source>the bar&apos;s start</source>
        <translation>תחילת המוט</translation>
    </message>
    <message>
        <source>the bar&apos;s end</source>
        <translation>סוף המוט</translation>
    </message>
    <message>
        <source>the stock&apos;s top</source>
        <translation>פני החומר העליונים</translation>
    </message>
    <message>
        <source>the stock&apos;s bottom</source>
        <translation>פני החומר התחתונים</translation>
    </message>
    <message>
        <source>the blank&apos;s front</source>
        <translation>חזית הגלם</translation>
    </message>
    <message>
        <source>the bar&apos;s axis</source>
        <translation>ציר המוט</translation>
    </message>
    <message>
        <source>At the blank&apos;s x %1, y %2 mm, on %3.</source>
        <translation>ב־x %1, y %2 מ״מ של הגלם, על %3.</translation>
    </message>
    <message>
        <source>At the start of the stock, on %1.</source>
        <translation>בתחילת החומר, על %1.</translation>
    </message>
    <message>
        <source>At the end of the stock, on %1.</source>
        <translation>בסוף החומר, על %1.</translation>
    </message>
    <message>
        <source>At the %1 of the stock, on %2.</source>
        <translation>על החומר, %1, על %2.</translation>
    </message>
    <message>
        <source>a bar %1 mm across, %2 mm long</source>
        <translation>מוט בקוטר %1 מ״מ ובאורך %2 מ״מ</translation>
    </message>
    <message>
        <source>%1 x %2 x %3 mm</source>
        <translation>%1 x %2 x %3 מ״מ</translation>
    </message>
    <message>
        <source>%1 min %2 s</source>
        <translation>%1 דק׳ %2 שנ׳</translation>
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
        <translation>%1 מתוך %2</translation>
    </message>
    <message>
        <source>Stroke closes up</source>
        <translation>הקו נסגר</translation>
    </message>
    <message>
        <source>Stroke too thin</source>
        <translation>הקו דק מדי</translation>
    </message>
    <message>
        <source>Narrow land between cuts</source>
        <translation>דופן צרה בין חיתוכים</translation>
    </message>
    <message>
        <source>Gap between letters too narrow</source>
        <translation>רווח צר מדי בין אותיות</translation>
    </message>
    <message>
        <source>Narrow land in a counter</source>
        <translation>דופן צרה בחלל אות</translation>
    </message>
    <message>
        <source>Counter fills in</source>
        <translation>חלל האות מתמלא</translation>
    </message>
    <message>
        <source>Narrow land within a letter</source>
        <translation>דופן צרה בתוך אות</translation>
    </message>
    <message>
        <source>Opening in a letter fills in</source>
        <translation>פתח באות מתמלא</translation>
    </message>
    <message>
        <source>Words larger than asked</source>
        <translation>מילים גדולות מן המבוקש</translation>
    </message>
    <message>
        <source>Words smaller than asked</source>
        <translation>מילים קטנות מן המבוקש</translation>
    </message>
    <message>
        <source>No impression is left</source>
        <translation>לא נותרת הטבעה</translation>
    </message>
    <message>
        <source>Mirrored, but the blank hides it</source>
        <translation>בתמונת ראי, אך הגלם מסתיר</translation>
    </message>
    <message>
        <source>Too steep for the tool, %1°</source>
        <translation>תלול מדי לכלי, %1°</translation>
    </message>
    <message>
        <source>The part falls into pieces</source>
        <translation>החלק מתפרק לחתיכות</translation>
    </message>
    <message>
        <source>A piece of the blank is cut off</source>
        <translation>חתיכה של הגלם מנותקת</translation>
    </message>
    <message>
        <source>Floor too thin</source>
        <translation>רצפה דקה מדי</translation>
    </message>
    <message>
        <source>Sunk right through</source>
        <translation>שקוע לגמרי דרך החומר</translation>
    </message>
    <message>
        <source>The side “%1”: %2</source>
        <translation>הצד „%1”: %2</translation>
    </message>
    <message>
        <source>Letters cut right through press nothing. Sink or raise them, or let them be read on the part.</source>
        <translation>אותיות חתוכות לגמרי אינן מטביעות דבר. שקעו או הגביהו אותן, או שייקראו על החלק.</translation>
    </message>
    <message>
        <source>The words are mirrored on the front; the blank must be clear to be read from its back.</source>
        <translation>המילים בתמונת ראי בחזית; הגלם חייב להיות שקוף כדי לקרוא אותן מאחור.</translation>
    </message>
    <message>
        <source>Some of it is joined to nothing else.</source>
        <translation>חלק מזה אינו מחובר לשום דבר אחר.</translation>
    </message>
    <message>
        <source>The cuts part the blank into pieces that are held by nothing.</source>
        <translation>החיתוכים מפרקים את הגלם לחתיכות שדבר אינו מחזיק.</translation>
    </message>
    <message>
        <source>They lie on the side “%1”: hollows and the round sides of parts from files are beyond the tool, and facets are cut from above, without a rotary axis. Choose another side for them, or print them.</source>
        <translation>הן על הצד „%1”: חללים וצדדים עגולים של חלקים מקבצים מחוץ להישג הכלי, ופאות נחתכות מלמעלה, בלי ציר מסתובב. בחרו להן צד אחר, או הדפיסו אותן.</translation>
    </message>
    <message>
        <source>The print is to lie on the side “%1”, which the blank lacks: files keep the card&apos;s coordinates.</source>
        <translation>ההדפס צריך לשכב על הצד „%1”, שאין לגלם: קבצים שומרים את קואורדינטות הכרטיס.</translation>
    </message>
    <message>
        <source>The words are for the side “%1”, so nothing is made of them. Choose another side for them, or a blank that has it.</source>
        <translation>המילים מיועדות לצד „%1”, לכן לא נעשה מהן דבר. בחרו להן צד אחר, או גלם שיש לו.</translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <translation>%1 מעל %2</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>ב־%1</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>בודק…</translation>
    </message>
    <message>
        <source>Joining bodies: %1 % done</source>
        <translation>מחבר גופים: %1 % הושלם</translation>
    </message>
    <message numerus="yes">
        <source>Cannot be made so yet: %n stop(s), %1 to watch</source>
        <translation>
            <numerusform>עדיין אי אפשר לייצר: מניעה %n, %1 לתשומת לב</numerusform>
            <numerusform>עדיין אי אפשר לייצר: %n מניעות, %1 לתשומת לב</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Cannot be made so yet: %n stop(s)</source>
        <translation>
            <numerusform>עדיין אי אפשר לייצר: מניעה %n</numerusform>
            <numerusform>עדיין אי אפשר לייצר: %n מניעות</numerusform>
        </translation>
    </message>
    <message>
        <source>Counting pieces…</source>
        <translation>סופר חתיכות…</translation>
    </message>
    <message>
        <source>No words yet</source>
        <translation>אין עדיין מילים</translation>
    </message>
    <message>
        <source>Can be made; %1 to watch</source>
        <translation>אפשר לייצר; %1 לתשומת לב</translation>
    </message>
    <message>
        <source>Can be made</source>
        <translation>אפשר לייצר</translation>
    </message>
    <message numerus="yes">
        <source>%n more</source>
        <translation>
            <numerusform>עוד %n</numerusform>
            <numerusform>עוד %n</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Flat</name>
    <message>
        <source>mirrored: reads %1</source>
        <translation>בתמונת ראי: נקרא %1</translation>
    </message>
    <message>
        <source>falls out</source>
        <translation>נושר</translation>
    </message>
    <message numerus="yes">
        <source>%n piece(s)</source>
        <translation>
            <numerusform>חתיכה %n</numerusform>
            <numerusform>%n חתיכות</numerusform>
        </translation>
    </message>
    <message>
        <source> · %1 loose</source>
        <translation> · %1 רופפות</translation>
    </message>
</context>
<context>
    <name>JobSheet</name>
    <message>
        <source>Job sheet</source>
        <translation>דף עבודה</translation>
    </message>
    <message>
        <source>Card file %1</source>
        <translation>קובץ הכרטיס %1</translation>
    </message>
    <message>
        <source>SHA-256 %1</source>
        <translation>SHA-256 %1</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 מ״מ</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>חלק</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>מילים</translation>
    </message>
    <message>
        <source>%1; %2</source>
        <translation>%1; %2</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>גלם</translation>
    </message>
    <message>
        <source>Round it, along it</source>
        <translation>מסביב, לאורך</translation>
    </message>
    <message>
        <source>Width, height</source>
        <translation>רוחב, גובה</translation>
    </message>
    <message>
        <source>%1 x %2 mm</source>
        <translation>%1 x %2 מ״מ</translation>
    </message>
    <message>
        <source>Over all</source>
        <translation>בסך הכול</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>חומר</translation>
    </message>
    <message>
        <source>Mass</source>
        <translation>מסה</translation>
    </message>
    <message>
        <source>Process</source>
        <translation>תהליך</translation>
    </message>
    <message>
        <source>Operations, in order</source>
        <translation>פעולות, לפי הסדר</translation>
    </message>
    <message>
        <source>No.</source>
        <translation>מס׳</translation>
    </message>
    <message>
        <source>Operation</source>
        <translation>פעולה</translation>
    </message>
    <message>
        <source>Tool</source>
        <translation>כלי</translation>
    </message>
    <message>
        <source>Feed</source>
        <translation>הזנה</translation>
    </message>
    <message>
        <source>Plunge</source>
        <translation>ירידה</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>מהירות</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>זמן</translation>
    </message>
    <message>
        <source>kerf %1</source>
        <translation>רוחב חתך %1</translation>
    </message>
    <message>
        <source>diameter %1</source>
        <translation>קוטר %1</translation>
    </message>
    <message>
        <source>angle %1°</source>
        <translation>זווית %1°</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Feeds and plunges in mm/min, speeds in 1/min.</source>
        <translation>הזנה וירידה במ״מ לדקה, מהירות בסיבובים לדקה.</translation>
    </message>
    <message>
        <source>Zero</source>
        <translation>אפס</translation>
    </message>
    <message>
        <source>Stock</source>
        <translation>חומר גלם</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>מכונה</translation>
    </message>
    <message>
        <source>Findings that are accepted</source>
        <translation>ממצאים שהתקבלו</translation>
    </message>
    <message>
        <source>no reason told</source>
        <translation>לא נאמרה סיבה</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>קבצים</translation>
    </message>
    <message>
        <source>%1, job sheet</source>
        <translation>%1, דף עבודה</translation>
    </message>
</context>
<context>
    <name>KeptProcesses</name>
    <message>
        <source>%1 could not be removed.</source>
        <translation>לא ניתן היה להסיר את %1.</translation>
    </message>
</context>
<context>
    <name>Mends</name>
    <message>
        <source>Then to watch: %1.</source>
        <translation>לתשומת לב אחר כך: %1.</translation>
    </message>
    <message>
        <source>Hold what would fall out by ties %2 wide.</source>
        <translation>להחזיק את מה שהיה נושר בקשירות ברוחב %2.</translation>
    </message>
    <message>
        <source>Ties %2 wide</source>
        <translation>קשירות ברוחב %2</translation>
    </message>
    <message>
        <source>Make the space in this pair %2 instead of %1, and leave the others.</source>
        <translation>לעשות את הרווח בזוג הזה %2 במקום %1, ולהשאיר את האחרים.</translation>
    </message>
    <message>
        <source>This pair %1 → %2</source>
        <translation>הזוג הזה ⁦%1 → %2⁩</translation>
    </message>
    <message>
        <source>Make the letter space %2 instead of %1.</source>
        <translation>לעשות את רווח האותיות %2 במקום %1.</translation>
    </message>
    <message>
        <source>Letter space %1 → %2</source>
        <translation>רווח אותיות ⁦%1 → %2⁩</translation>
    </message>
    <message>
        <source>Close the letters up, pair by pair, until they run into each other.</source>
        <translation>לקרב את האותיות, זוג אחר זוג, עד שיתחברו.</translation>
    </message>
    <message>
        <source>Close up</source>
        <translation>לקרב</translation>
    </message>
    <message>
        <source>Hold what is loose by bars %2 wide behind it.</source>
        <translation>להחזיק את הרופף בפסים ברוחב %2 מאחור.</translation>
    </message>
    <message>
        <source>Bars %2 wide</source>
        <translation>פסים ברוחב %2</translation>
    </message>
    <message>
        <source>Join the letters by short strips %2 wide from one to the next.</source>
        <translation>לחבר את האותיות ברצועות קצרות ברוחב %2 מאחת לבאה.</translation>
    </message>
    <message>
        <source>Links %2 wide</source>
        <translation>קשרים ברוחב %2</translation>
    </message>
    <message>
        <source>Hold what is loose by a plate behind it, %2 beyond the letters.</source>
        <translation>להחזיק את הרופף בלוח מאחור, %2 מעבר לאותיות.</translation>
    </message>
    <message>
        <source>Plate %2 beyond</source>
        <translation>לוח %2 מעבר</translation>
    </message>
    <message>
        <source>Move the words inwards.</source>
        <translation>להזיז את המילים פנימה.</translation>
    </message>
    <message>
        <source>Move inwards</source>
        <translation>להזיז פנימה</translation>
    </message>
    <message>
        <source>Make the size %2 instead of %1, so that the words go once round.</source>
        <translation>לעשות את הגודל %2 במקום %1, כך שהמילים יקיפו פעם אחת.</translation>
    </message>
    <message>
        <source>Size %1 → %2</source>
        <translation>גודל ⁦%1 → %2⁩</translation>
    </message>
    <message>
        <source>Give the letters out one to a facet.</source>
        <translation>לחלק את האותיות אחת לכל פאה.</translation>
    </message>
    <message>
        <source>A letter to each facet</source>
        <translation>אות לכל פאה</translation>
    </message>
    <message>
        <source>Go less deep, and less high in hollows.</source>
        <translation>פחות עמוק, ובחללים פחות גבוה.</translation>
    </message>
    <message>
        <source>Less deep</source>
        <translation>פחות עמוק</translation>
    </message>
    <message>
        <source>Move letters off the edge, smaller where there is no room.</source>
        <translation>להרחיק אותיות מן הקצה, קטנות יותר היכן שאין מקום.</translation>
    </message>
    <message>
        <source>Off the edge</source>
        <translation>הרחק מן הקצה</translation>
    </message>
    <message>
        <source>Make the size %2 instead of %1.</source>
        <translation>לעשות את הגודל %2 במקום %1.</translation>
    </message>
    <message>
        <source>Make the blank larger: %2 wide instead of %1.</source>
        <translation>להגדיל את הגלם: רוחב %2 במקום %1.</translation>
    </message>
    <message>
        <source>Blank %2 wide</source>
        <translation>גלם ברוחב %2</translation>
    </message>
    <message>
        <source>Put the words on the %1.</source>
        <translation>להניח את המילים על: %1.</translation>
    </message>
    <message>
        <source>Put on the %1</source>
        <translation>להניח על: %1</translation>
    </message>
    <message>
        <source>Let the words be read on the part itself.</source>
        <translation>שהמילים ייקראו על החלק עצמו.</translation>
    </message>
    <message>
        <source>Read on the part</source>
        <translation>קריאה על החלק</translation>
    </message>
    <message>
        <source>Take the sides as they are found on this file.</source>
        <translation>לקחת את הצדדים כפי שנמצאו בקובץ הזה.</translation>
    </message>
    <message>
        <source>Take the sides anew</source>
        <translation>לקחת את הצדדים מחדש</translation>
    </message>
    <message>
        <source>Leave out the side “%1”; its words go on the first.</source>
        <translation>להשמיט את הצד „%1”; מילותיו הולכות לראשון.</translation>
    </message>
    <message>
        <source>Leave out “%1”</source>
        <translation>להשמיט את „%1”</translation>
    </message>
    <message>
        <source>Make the height %2 instead of %1.</source>
        <translation>לעשות את הגובה %2 במקום %1.</translation>
    </message>
    <message>
        <source>Height %1 → %2</source>
        <translation>גובה ⁦%1 → %2⁩</translation>
    </message>
    <message>
        <source>Make the depth %2 instead of %1.</source>
        <translation>לעשות את העומק %2 במקום %1.</translation>
    </message>
    <message>
        <source>Depth %1 → %2</source>
        <translation>עומק ⁦%1 → %2⁩</translation>
    </message>
    <message>
        <source>Make the bedding %2 instead of %1.</source>
        <translation>לעשות את המושב %2 במקום %1.</translation>
    </message>
    <message>
        <source>Bedding %1 → %2</source>
        <translation>מושב ⁦%1 → %2⁩</translation>
    </message>
    <message>
        <source>Let it lie on its %1 instead.</source>
        <translation>להשכיב במקום זאת על: %1.</translation>
    </message>
    <message>
        <source>Lies on its %1</source>
        <translation>שוכב על: %1</translation>
    </message>
    <message>
        <source>Let the chuck hold the bar at its other end.</source>
        <translation>שהתפסנית תחזיק את המוט בקצה השני.</translation>
    </message>
    <message>
        <source>Held at the other end</source>
        <translation>מוחזק בקצה השני</translation>
    </message>
    <message>
        <source>Turn it by a quarter on the bed.</source>
        <translation>לסובב ברבע על המצע.</translation>
    </message>
    <message>
        <source>Turned on the bed</source>
        <translation>מסובב על המצע</translation>
    </message>
    <message>
        <source>Make it a whole number of layers.</source>
        <translation>לעשות מספר שלם של שכבות.</translation>
    </message>
    <message>
        <source>Whole layers</source>
        <translation>שכבות שלמות</translation>
    </message>
    <message>
        <source>Make the blank %2 thick instead of %1.</source>
        <translation>לעשות את הגלם בעובי %2 במקום %1.</translation>
    </message>
    <message>
        <source>Blank %2 thick</source>
        <translation>גלם בעובי %2</translation>
    </message>
    <message>
        <source>Do not cut through: sink the letters %2 deep, so that a floor holds everything.</source>
        <translation>לא לחתוך לגמרי: לשקע את האותיות %2, כך שרצפה תחזיק הכול.</translation>
    </message>
    <message>
        <source>Keep a floor: %2 deep</source>
        <translation>להשאיר רצפה: עומק %2</translation>
    </message>
    <message>
        <source>Break the edges by %2.</source>
        <translation>לשבור את הקצוות ב־%2.</translation>
    </message>
    <message>
        <source>Edges %2</source>
        <translation>קצוות %2</translation>
    </message>
    <message>
        <source>Let the walls lean by %2.</source>
        <translation>להטות את הדפנות ב־%2.</translation>
    </message>
    <message>
        <source>Draft %2</source>
        <translation>שיפוע %2</translation>
    </message>
    <message>
        <source>Make edges and feet a little smaller.</source>
        <translation>להקטין מעט קצוות ורגליים.</translation>
    </message>
    <message>
        <source>Smaller edges</source>
        <translation>קצוות קטנים יותר</translation>
    </message>
    <message>
        <source>Leave all edges crisp, without feet.</source>
        <translation>להשאיר את כל הקצוות חדים, בלי רגליים.</translation>
    </message>
    <message>
        <source>Crisp edges</source>
        <translation>קצוות חדים</translation>
    </message>
    <message>
        <source>Grow the strokes: weight %2 instead of %1.</source>
        <translation>לעבות את הקווים: משקל %2 במקום %1.</translation>
    </message>
    <message>
        <source>Weight %1 → %2</source>
        <translation>משקל ⁦%1 → %2⁩</translation>
    </message>
    <message>
        <source>Make the strokes lighter: weight %2 instead of %1.</source>
        <translation>להקל את הקווים: משקל %2 במקום %1.</translation>
    </message>
    <message>
        <source>Take the heavier face %1.</source>
        <translation>לקחת את החתך הכבד יותר %1.</translation>
    </message>
    <message>
        <source>Take %1</source>
        <translation>לקחת את %1</translation>
    </message>
    <message>
        <source>Take the typeface %1, whose strokes are thick enough.</source>
        <translation>לקחת את הגופן %1, שקוויו עבים דיים.</translation>
    </message>
    <message>
        <source>Take %1 of the rack.</source>
        <translation>לקחת את %1 מן המתלה.</translation>
    </message>
    <message>
        <source>Cut as deep as the letters are designed.</source>
        <translation>לחתוך בעומק שבו תוכננו האותיות.</translation>
    </message>
    <message>
        <source>As deep as designed</source>
        <translation>בעומק המתוכנן</translation>
    </message>
    <message>
        <source>Cut %2 deep instead of %1.</source>
        <translation>לחתוך בעומק %2 במקום %1.</translation>
    </message>
    <message>
        <source>Cut %2 deep</source>
        <translation>לחתוך בעומק %2</translation>
    </message>
    <message>
        <source>Take a stock as large as the blank asks for.</source>
        <translation>לקחת חומר בגודל שהגלם מבקש.</translation>
    </message>
    <message>
        <source>Stock round the blank</source>
        <translation>חומר סביב הגלם</translation>
    </message>
    <message>
        <source>Leave %2 of stock round the blank.</source>
        <translation>להשאיר %2 חומר סביב הגלם.</translation>
    </message>
    <message>
        <source>Margin %2</source>
        <translation>שוליים %2</translation>
    </message>
    <message>
        <source>Cut it out last.</source>
        <translation>לחתוך החוצה אחרון.</translation>
    </message>
    <message>
        <source>Cut out last</source>
        <translation>לחתוך החוצה אחרון</translation>
    </message>
    <message>
        <source>Let the spindle turn %1 times a minute.</source>
        <translation>שהציר יסתובב %1 פעמים בדקה.</translation>
    </message>
    <message>
        <source>Speed %1</source>
        <translation>מהירות %1</translation>
    </message>
    <message>
        <source>Write the file with straight moves only.</source>
        <translation>לכתוב את הקובץ בתנועות ישרות בלבד.</translation>
    </message>
    <message>
        <source>Straight moves only</source>
        <translation>תנועות ישרות בלבד</translation>
    </message>
    <message>
        <source>Make it by %1 instead.</source>
        <translation>לעשות במקום זאת ב: %1.</translation>
    </message>
    <message>
        <source>Process: %1</source>
        <translation>תהליך: %1</translation>
    </message>
</context>
<context>
    <name>Outputs</name>
    <message>
        <source>one solid, for any printer</source>
        <translation>גוף אחד, לכל מדפסת</translation>
    </message>
    <message>
        <source>blank and letters as bodies with colours</source>
        <translation>גלם ואותיות כגופים צבעוניים</translation>
    </message>
    <message>
        <source>both as solids with true curves</source>
        <translation>שניהם כגופים בעקומות מדויקות</translation>
    </message>
    <message>
        <source>lines to cut or follow, a group a working</source>
        <translation>קווים לחיתוך או למעקב, קבוצה לכל עיבוד</translation>
    </message>
    <message>
        <source>the same with true arcs, a layer a working</source>
        <translation>אותו דבר בקשתות אמת, שכבה לכל עיבוד</translation>
    </message>
    <message>
        <source>toolpaths for a machine that cuts</source>
        <translation>מסלולי כלי למכונה חותכת</translation>
    </message>
    <message>
        <source>true size on paper, to hold against the work</source>
        <translation>גודל אמת על נייר, להנחה על העבודה</translation>
    </message>
    <message>
        <source>a picture of the view</source>
        <translation>תמונה של התצוגה</translation>
    </message>
    <message>
        <source>Printed lying on its back, the letters&apos; colour begins at a height of %1.</source>
        <translation>בהדפסה על הגב, צבע האותיות מתחיל בגובה %1.</translation>
    </message>
</context>
<context>
    <name>Overlays</name>
    <message>
        <source>neck %1</source>
        <translation>צוואר %1</translation>
    </message>
</context>
<context>
    <name>Problems</name>
    <message>
        <source>Line %1, column %2: </source>
        <translation>שורה %1, עמודה %2: </translation>
    </message>
    <message>
        <source>Line %1: </source>
        <translation>שורה %1: </translation>
    </message>
    <message>
        <source>text in quotes</source>
        <translation>טקסט במירכאות</translation>
    </message>
    <message>
        <source>an object, {…}</source>
        <translation>אובייקט, {…}</translation>
    </message>
    <message>
        <source>a list, […]</source>
        <translation>רשימה, […]</translation>
    </message>
    <message>
        <source>A number is wanted here.</source>
        <translation>דרוש כאן מספר.</translation>
    </message>
    <message>
        <source>Something is missing at the end.</source>
        <translation>משהו חסר בסוף.</translation>
    </message>
    <message>
        <source>“%1” does not belong at position %2.</source>
        <translation>„%1” אינו שייך במיקום %2.</translation>
    </message>
    <message>
        <source>The bracket at position %1 is not closed.</source>
        <translation>הסוגר במיקום %1 אינו נסגר.</translation>
    </message>
    <message>
        <source>“%1” at position %2 is no unit known here; lengths take mm, cm, m, in, ft or pt.</source>
        <translation>„%1” במיקום %2 אינה יחידה מוכרת; אורכים מקבלים mm, cm, m, in, ft או pt.</translation>
    </message>
    <message>
        <source>Too many brackets within each other at position %1.</source>
        <translation>יותר מדי סוגריים זה בתוך זה במיקום %1.</translation>
    </message>
    <message>
        <source>Division by zero at position %1.</source>
        <translation>חלוקה באפס במיקום %1.</translation>
    </message>
    <message>
        <source>At position %1 the units do not work out to a length.</source>
        <translation>במיקום %1 היחידות אינן נותנות אורך.</translation>
    </message>
    <message>
        <source>The number is too large.</source>
        <translation>המספר גדול מדי.</translation>
    </message>
    <message>
        <source>There is no file “%1”. Check the name and the folder.</source>
        <translation>אין קובץ „%1”. בדקו את השם ואת התיקייה.</translation>
    </message>
    <message>
        <source>“%1” cannot be read (%2).</source>
        <translation>אי אפשר לקרוא את „%1” (%2).</translation>
    </message>
    <message>
        <source>“%1” cannot be written (%2). Nothing was changed; choose another folder or name.</source>
        <translation>אי אפשר לכתוב את „%1” (%2). דבר לא השתנה; בחרו תיקייה או שם אחרים.</translation>
    </message>
    <message>
        <source>“%1” is already there and was left as it is.</source>
        <translation>„%1” כבר קיים ונשאר כפי שהיה.</translation>
    </message>
    <message>
        <source>“%1” is read-only and was left as it is. Choose another name, or let it be written to first.</source>
        <translation>„%1” לקריאה בלבד ונשאר כפי שהיה. בחרו שם אחר, או התירו כתיבה.</translation>
    </message>
    <message>
        <source>There is no description of the dialect “%1”, so nothing can be written in it.</source>
        <translation>אין תיאור של הניב „%1”, לכן אי אפשר לכתוב בו דבר.</translation>
    </message>
    <message>
        <source>The ending of “%1” tells no format Bollard writes; use .stl, .3mf, .svg, .dxf or .nc.</source>
        <translation>הסיומת של „%1” אינה מציינת תבנית שבולארד כותב; השתמשו ב־.stl, .3mf, .svg, .dxf או .nc.</translation>
    </message>
    <message>
        <source>The ending of “%1” tells no drawing; use .svg or .dxf.</source>
        <translation>הסיומת של „%1” אינה מציינת שרטוט; השתמשו ב־.svg או .dxf.</translation>
    </message>
    <message>
        <source>A quote is opened here and never closed. Nothing was read; mend the table.</source>
        <translation>מירכאות נפתחות כאן ואינן נסגרות. דבר לא נקרא; תקנו את הטבלה.</translation>
    </message>
    <message>
        <source>The card is not good JSON: %1.</source>
        <translation>הכרטיס אינו JSON תקין: %1.</translation>
    </message>
    <message>
        <source>The field “%1” is missing.</source>
        <translation>השדה „%1” חסר.</translation>
    </message>
    <message>
        <source>The field “%1” must be %2.</source>
        <translation>השדה „%1” חייב להיות %2.</translation>
    </message>
    <message>
        <source>There is no row %1; the card makes %2. Rows are counted from 1.</source>
        <translation>אין שורה %1; הכרטיס נותן %2. שורות נספרות מ־1.</translation>
    </message>
    <message>
        <source>The card says it is of version %1; versions begin with 1.</source>
        <translation>הכרטיס אומר שהוא בגרסה %1; גרסאות מתחילות ב־1.</translation>
    </message>
    <message>
        <source>A step met what it was not made for (%1). The card is safe; change what you did last, or undo it.</source>
        <translation>שלב נתקל במה שלא נועד לו (%1). הכרטיס בטוח; שנו את מה שעשיתם אחרון, או בטלו אותו.</translation>
    </message>
    <message>
        <source>The card is of version %1, newer than this Bollard reads. Use a newer Bollard.</source>
        <translation>הכרטיס בגרסה %1, חדשה ממה שבולארד הזה קורא. השתמשו בבולארד חדש יותר.</translation>
    </message>
    <message>
        <source>“%1” is not a font file, or it is broken. Choose another file.</source>
        <translation>„%1” אינו קובץ גופן, או שהוא פגום. בחרו קובץ אחר.</translation>
    </message>
    <message>
        <source>The typeface “%1” holds only pixel pictures of its letters, no outlines. Choose another.</source>
        <translation>הגופן „%1” מכיל רק תמונות פיקסלים של אותיותיו, בלי קווי מתאר. בחרו אחר.</translation>
    </message>
    <message>
        <source>The typeface “%1” holds only coloured pictures, no outlines. Choose another.</source>
        <translation>הגופן „%1” מכיל רק תמונות צבעוניות, בלי קווי מתאר. בחרו אחר.</translation>
    </message>
    <message>
        <source>“%1” is a font of a kind Bollard does not read; it reads TrueType and OpenType.</source>
        <translation>„%1” הוא גופן מסוג שבולארד אינו קורא; הוא קורא TrueType ו־OpenType.</translation>
    </message>
    <message>
        <source>The font file “%1” has no face number %2.</source>
        <translation>בקובץ הגופן „%1” אין חתך מספר %2.</translation>
    </message>
    <message>
        <source>“%1” holds no letter that could be drawn. Choose another file.</source>
        <translation>„%1” אינו מכיל אות שאפשר לשרטט. בחרו קובץ אחר.</translation>
    </message>
    <message>
        <source>The path data cannot be read at its position %1.</source>
        <translation>אי אפשר לקרוא את נתוני המסלול במיקום %1.</translation>
    </message>
    <message>
        <source>The path data of %1 cannot be read at its position %2.</source>
        <translation>אי אפשר לקרוא את נתוני המסלול של %1 במיקום %2.</translation>
    </message>
    <message>
        <source>“%1” cannot be read as a drawing: %2.</source>
        <translation>אי אפשר לקרוא את „%1” כשרטוט: %2.</translation>
    </message>
    <message>
        <source>“%1” holds no line or shape that could be worked. Text in it must be turned into curves first.</source>
        <translation>„%1” אינו מכיל קו או צורה שאפשר לעבד. טקסט שבו יש להפוך קודם לעקומות.</translation>
    </message>
    <message>
        <source>The typeface “%1” is not installed here. Choose another, or open its font file.</source>
        <translation>הגופן „%1” אינו מותקן כאן. בחרו אחר, או פתחו את קובצו.</translation>
    </message>
    <message>
        <source>The licence of “%1” does not let a card take it along.</source>
        <translation>הרישיון של „%1” אינו מתיר לכרטיס לקחת אותו עמו.</translation>
    </message>
    <message>
        <source>The part “%1” is too large to be taken along.</source>
        <translation>החלק „%1” גדול מכדי לקחתו.</translation>
    </message>
    <message>
        <source>The file of “%1” is too large to be taken along.</source>
        <translation>הקובץ של „%1” גדול מכדי לקחתו.</translation>
    </message>
    <message>
        <source>It is larger than a sheet of %1 has room for. Take larger sheets, or let parts be turned.</source>
        <translation>הוא גדול מן המקום בגיליון של %1. קחו גיליונות גדולים יותר, או הניחו לסובב חלקים.</translation>
    </message>
    <message>
        <source>It cannot be laid on a sheet: only plates, discs and bare letters lie flat, cut from one side.</source>
        <translation>אי אפשר להניחו על גיליון: רק לוחות, דיסקות ואותיות לבדן שוכבים שטוח, חתוכים מצד אחד.</translation>
    </message>
    <message>
        <source>The machine does not reach all of the sheet along %1: %2 mm. Take a smaller sheet.</source>
        <translation>המכונה אינה מגיעה לכל הגיליון לאורך %1: %2 מ״מ. קחו גיליון קטן יותר.</translation>
    </message>
    <message>
        <source>“%1” is no program for a machine: line %2, %3.</source>
        <translation>„%1” אינו תוכנית למכונה: שורה %2, %3.</translation>
    </message>
    <message>
        <source>“%1” is no program for a machine: %2.</source>
        <translation>„%1” אינו תוכנית למכונה: %2.</translation>
    </message>
    <message>
        <source>There is no line %1; the program has %2.</source>
        <translation>אין שורה %1; בתוכנית יש %2.</translation>
    </message>
    <message>
        <source>There is no protocol “%1”. There are: %2.</source>
        <translation>אין פרוטוקול „%1”. יש: %2.</translation>
    </message>
    <message>
        <source>“%1” does not describe a protocol: %2.</source>
        <translation>„%1” אינו מתאר פרוטוקול: %2.</translation>
    </message>
    <message>
        <source>The device “%1” cannot be opened (%2). See that it is plugged in, and nothing else uses it.</source>
        <translation>אי אפשר לפתוח את ההתקן „%1” (%2). בדקו שהוא מחובר ושדבר אחר אינו משתמש בו.</translation>
    </message>
    <message>
        <source>The controller does not reach so far along %1: %2 mm. Move the work, or take another machine.</source>
        <translation>הבקר אינו מגיע כה רחוק לאורך %1: %2 מ״מ. הזיזו את העבודה, או קחו מכונה אחרת.</translation>
    </message>
    <message>
        <source>The controller does not take the dialect “%1”; it takes: %2. Write the file anew for it.</source>
        <translation>הבקר אינו מקבל את הניב „%1”; הוא מקבל: %2. כתבו את הקובץ מחדש עבורו.</translation>
    </message>
    <message>
        <source>The controller answered with an error: %1. The last line it confirmed is %2; nothing more was sent.</source>
        <translation>הבקר השיב בשגיאה: %1. השורה האחרונה שאישר היא %2; לא נשלח עוד דבר.</translation>
    </message>
    <message>
        <source>The controller started anew. The last line it confirmed is %1; nothing more was sent.</source>
        <translation>הבקר התחיל מחדש. השורה האחרונה שאישר היא %1; לא נשלח עוד דבר.</translation>
    </message>
    <message>
        <source>The controller answers no more. The last line it confirmed is %1; nothing more was sent.</source>
        <translation>הבקר אינו משיב עוד. השורה האחרונה שאישר היא %1; לא נשלח עוד דבר.</translation>
    </message>
    <message>
        <source>The connection to the controller is lost. The last line it confirmed is %1; nothing more was sent.</source>
        <translation>הקשר עם הבקר אבד. השורה האחרונה שאישר היא %1; לא נשלח עוד דבר.</translation>
    </message>
    <message>
        <source>There is nothing to make yet: the card has neither a blank nor letters.</source>
        <translation>אין עדיין מה לייצר: לכרטיס אין גלם ואין אותיות.</translation>
    </message>
    <message>
        <source>The solid could not be built: slopes or walls meet in a way that comes to nothing. Move the words a little, or make their edges smaller or crisp.</source>
        <translation>לא ניתן היה לבנות את הגוף: שיפועים או דפנות נפגשים בלי לתת דבר. הזיזו מעט את המילים, או עשו את קצותיהן קטנים או חדים.</translation>
    </message>
    <message>
        <source>A cut reaches the middle of the blank or comes out on another side, or what is raised in a hollow meets across it. Make it less deep, or less high.</source>
        <translation>חיתוך מגיע למרכז הגלם או יוצא בצד אחר, או שמה שמוגבה בחלל נפגש בתוכו. עשו אותו פחות עמוק, או פחות גבוה.</translation>
    </message>
    <message>
        <source>Walls that lean cannot go through where the inside does not lie straight behind the outside. Make the edges of these letters crisp, chamfered or round.</source>
        <translation>דפנות נטויות אינן יכולות לעבור היכן שהפנים אינו ישר מאחורי החוץ. עשו את קצות האותיות האלה חדים, קטומים או עגולים.</translation>
    </message>
    <message>
        <source>Letters cut through a facet reach beyond what lies straight behind it. Make them narrower, or move them to the middle of the facet.</source>
        <translation>אותיות שנחתכו דרך פאה חורגות ממה שישר מאחוריה. עשו אותן צרות יותר, או הזיזו אותן למרכז הפאה.</translation>
    </message>
    <message>
        <source>The blank has no body: its profile has no size or runs through itself, or its wall is thicker than it has room for.</source>
        <translation>לגלם אין גוף: לפרופיל אין גודל או שהוא חוצה את עצמו, או שהדופן עבה מן המקום שיש לה.</translation>
    </message>
    <message>
        <source>Letters on two sides reach into each other inside the blank. Make them less deep, or move them apart.</source>
        <translation>אותיות משני צדדים נפגשות בתוך הגלם. עשו אותן פחות עמוקות, או הרחיקו אותן.</translation>
    </message>
    <message>
        <source>Choose the file of the part.</source>
        <translation>בחרו את קובץ החלק.</translation>
    </message>
    <message>
        <source>There is no surface in “%1”.</source>
        <translation>אין משטח ב־„%1”.</translation>
    </message>
    <message>
        <source>“%1” could not be read as a part (%2).</source>
        <translation>לא ניתן היה לקרוא את „%1” כחלק (%2).</translation>
    </message>
    <message>
        <source>The part in “%1” is open in %2 places that are too wide to be closed. Mend it where it was made.</source>
        <translation>החלק ב־„%1” פתוח ב־%2 מקומות רחבים מכדי לסגרם. תקנו אותו היכן שנעשה.</translation>
    </message>
    <message>
        <source>The part in “%1” runs through itself. Mend it where it was made.</source>
        <translation>החלק ב־„%1” חוצה את עצמו. תקנו אותו היכן שנעשה.</translation>
    </message>
    <message>
        <source>“%1” is not the file that this card&apos;s sides were found on. Point at them again.</source>
        <translation>„%1” אינו הקובץ שבו נמצאו צדדי הכרטיס. הצביעו עליהם שוב.</translation>
    </message>
    <message>
        <source>This place is on no flat, cylindrical or conical side: it leaves the nearest by %1 mm.</source>
        <translation>המקום הזה אינו על צד שטוח, גלילי או חרוטי: הוא סוטה מן הקרוב ב־%1 מ״מ.</translation>
    </message>
    <message>
        <source>This side has no room for words.</source>
        <translation>בצד הזה אין מקום למילים.</translation>
    </message>
    <message>
        <source>In “%1” %2 faces are facets: broken edges, balls, turned shapes and parts from files have no true surfaces there.</source>
        <translation>ב־„%1” %2 פנים הם פאות: קצוות שבורים, כדורים, צורות מחורטות וחלקים מקבצים אין להם שם משטחי אמת.</translation>
    </message>
    <message>
        <source>Letters run over the edge to the side that joins theirs. Move them in from the edge, or make them smaller.</source>
        <translation>אותיות עוברות את הקצה לצד הסמוך. הזיזו אותן פנימה, או הקטינו אותן.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>נעצר.</translation>
    </message>
    <message>
        <source>“%1” holds more than can be worked: %2.</source>
        <translation>ב„%1” יש יותר ממה שאפשר לעבד: %2.</translation>
    </message>
    <message>
        <source>It needs more than %1 GB of memory. Make it of fewer or simpler letters.</source>
        <translation>צריך יותר מ‑%1 ג״ב זיכרון. עשו אותו מפחות אותיות או מפשוטות יותר.</translation>
    </message>
</context>
<context>
    <name>Processes</name>
    <message>
        <source>filament print</source>
        <translation>הדפסת חוט</translation>
    </message>
    <message>
        <source>resin print</source>
        <translation>הדפסת שרף</translation>
    </message>
    <message>
        <source>casting pattern</source>
        <translation>דגם יציקה</translation>
    </message>
    <message>
        <source>V-carving</source>
        <translation>חריטת V</translation>
    </message>
    <message>
        <source>line engraving</source>
        <translation>חריטת קווים</translation>
    </message>
    <message>
        <source>milling</source>
        <translation>כרסום</translation>
    </message>
    <message>
        <source>torch cutting</source>
        <translation>חיתוך במבער</translation>
    </message>
    <message>
        <source>laser cutting</source>
        <translation>חיתוך בלייזר</translation>
    </message>
    <message>
        <source>Nozzle</source>
        <translation>נחיר</translation>
    </message>
    <message>
        <source>Layer</source>
        <translation>שכבה</translation>
    </message>
    <message>
        <source>First layer</source>
        <translation>שכבה ראשונה</translation>
    </message>
    <message>
        <source>Steepest overhang</source>
        <translation>השלוחה התלולה ביותר</translation>
    </message>
    <message>
        <source>Speed, mm a second</source>
        <translation>מהירות, מ״מ לשנייה</translation>
    </message>
    <message>
        <source>Bed, across</source>
        <translation>מצע, לרוחב</translation>
    </message>
    <message>
        <source>Bed, deep</source>
        <translation>מצע, לעומק</translation>
    </message>
    <message>
        <source>Prints up to</source>
        <translation>מדפיס עד</translation>
    </message>
    <message>
        <source>Pixel</source>
        <translation>פיקסל</translation>
    </message>
    <message>
        <source>Angle of the bit</source>
        <translation>זווית הכרסום</translation>
    </message>
    <message>
        <source>Tip</source>
        <translation>חוד</translation>
    </message>
    <message>
        <source>Cutter</source>
        <translation>כרסום</translation>
    </message>
    <message>
        <source>Kerf</source>
        <translation>רוחב חתך</translation>
    </message>
    <message>
        <source>Thinnest plate</source>
        <translation>הלוח הדק ביותר</translation>
    </message>
    <message>
        <source>Thickest plate</source>
        <translation>הלוח העבה ביותר</translation>
    </message>
    <message>
        <source>Worn on the body</source>
        <translation>נלבש על הגוף</translation>
    </message>
    <message>
        <source>, %1 %2</source>
        <translation>, %1 %2</translation>
    </message>
    <message>
        <source>, worn</source>
        <translation>, נלבש</translation>
    </message>
    <message>
        <source>, own limits</source>
        <translation>, גבולות משלו</translation>
    </message>
    <message>
        <source>Stroke</source>
        <translation>קו</translation>
    </message>
    <message>
        <source>Land</source>
        <translation>דופן</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>רווח</translation>
    </message>
    <message>
        <source>Neck</source>
        <translation>צוואר</translation>
    </message>
    <message>
        <source>Floor</source>
        <translation>רצפה</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>גובה</translation>
    </message>
    <message>
        <source>Height per stroke</source>
        <translation>גובה לקו</translation>
    </message>
    <message>
        <source>Bedding</source>
        <translation>מושב</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>עובי</translation>
    </message>
    <message>
        <source>Edges</source>
        <translation>קצוות</translation>
    </message>
    <message>
        <source>Draft</source>
        <translation>שיפוע חליצה</translation>
    </message>
    <message>
        <source>Radius left in corners</source>
        <translation>רדיוס שנותר בפינות</translation>
    </message>
    <message>
        <source>%1, stop above</source>
        <translation>%1, מניעה מעל</translation>
    </message>
    <message>
        <source>%1, watch above</source>
        <translation>%1, תשומת לב מעל</translation>
    </message>
    <message>
        <source>%1, stop below</source>
        <translation>%1, מניעה מתחת</translation>
    </message>
    <message>
        <source>%1, watch below</source>
        <translation>%1, תשומת לב מתחת</translation>
    </message>
    <message>
        <source>Above the limit you set.</source>
        <translation>מעל הגבול שקבעתם.</translation>
    </message>
    <message>
        <source>Below the limit you set.</source>
        <translation>מתחת לגבול שקבעתם.</translation>
    </message>
    <message>
        <source>Beyond what the process can do.</source>
        <translation>מעבר למה שהתהליך יכול.</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>side %1</source>
        <translation>צד %1</translation>
    </message>
    <message>
        <source>hidden</source>
        <translation>מוסתר</translation>
    </message>
    <message>
        <source>cuts out</source>
        <translation>חותך החוצה</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source> · group %1</source>
        <translation> · קבוצה %1</translation>
    </message>
    <message>
        <source>Inscription %1: %2, %3</source>
        <translation>כתובת %1: %2, %3</translation>
    </message>
    <message>
        <source>(no words)</source>
        <translation>(אין מילים)</translation>
    </message>
</context>
<context>
    <name>Rules</name>
    <message>
        <source>Nothing could be made</source>
        <translation>דבר לא ניתן היה לייצר</translation>
    </message>
    <message>
        <source>Typeface cannot be used</source>
        <translation>אי אפשר להשתמש בגופן</translation>
    </message>
    <message>
        <source>No value for {%1}</source>
        <translation>אין ערך ל־{%1}</translation>
    </message>
    <message>
        <source>The rows in Output have no such field. Add it there, or double the braces to set them.</source>
        <translation>בשורות הפלט אין שדה כזה. הוסיפו אותו שם, או הכפילו את הסוגריים כדי לסדרם.</translation>
    </message>
    <message>
        <source>Ornament without a shape</source>
        <translation>עיטור בלי צורה</translation>
    </message>
    <message>
        <source>There is nothing for it to go round or along, or its artwork holds no shape.</source>
        <translation>אין סביב מה או לאורך מה ילך, או שהעיטור אינו מכיל צורה.</translation>
    </message>
    <message>
        <source>Words longer than their line</source>
        <translation>מילים ארוכות מן הקו שלהן</translation>
    </message>
    <message>
        <source>The words run beyond the end of the line they stand on, or round it into themselves.</source>
        <translation>המילים עוברות את סוף הקו שלהן, או מקיפות אל תוך עצמן.</translation>
    </message>
    <message>
        <source>Character missing in the typeface</source>
        <translation>סימן חסר בגופן</translation>
    </message>
    <message>
        <source>%1 has no such character, so nothing is made of it. Choose another typeface or sign.</source>
        <translation>ב־%1 אין סימן כזה, לכן לא נעשה ממנו דבר. בחרו גופן או סימן אחר.</translation>
    </message>
    <message>
        <source>Character draws nothing</source>
        <translation>הסימן אינו משרטט דבר</translation>
    </message>
    <message>
        <source>%1 knows the character but has no outline for it, so nothing is made of it.</source>
        <translation>%1 מכיר את הסימן אך אין לו קו מתאר, לכן לא נעשה ממנו דבר.</translation>
    </message>
    <message>
        <source>No size of these letters gives that measure; this is the nearest. Change the size, the weight or the spaces.</source>
        <translation>שום גודל של האותיות האלה אינו נותן את המידה; זה הקרוב ביותר. שנו את הגודל, המשקל או הרווחים.</translation>
    </message>
    <message>
        <source>All letters close up</source>
        <translation>כל האותיות נסגרות</translation>
    </message>
    <message>
        <source>Strokes grown on both sides would be higher than the letters. Lower the weight or make the letters larger.</source>
        <translation>קווים שגדלו משני הצדדים יהיו גבוהים מן האותיות. הורידו את המשקל או הגדילו את האותיות.</translation>
    </message>
    <message>
        <source>Letters too large or too far out</source>
        <translation>אותיות גדולות או רחוקות מדי</translation>
    </message>
    <message>
        <source>Nothing can lie farther than 107 m from the origin, so these are left out. Make them smaller or move them nearer.</source>
        <translation>דבר אינו יכול להיות רחוק מ־107 מ׳ מן הראשית, לכן אלה הושמטו. הקטינו אותן או קרבו אותן.</translation>
    </message>
    <message>
        <source>Neck too narrow</source>
        <translation>צוואר צר מדי</translation>
    </message>
    <message>
        <source>Strokes vanish</source>
        <translation>קווים נעלמים</translation>
    </message>
    <message>
        <source>The weight change takes more off these strokes than they are wide.</source>
        <translation>שינוי המשקל מוריד מן הקווים האלה יותר מרוחבם.</translation>
    </message>
    <message>
        <source>Counters fill up</source>
        <translation>חללי אותיות מתמלאים</translation>
    </message>
    <message>
        <source>The strokes grow towards each other by more than these holes are wide.</source>
        <translation>הקווים גדלים זה אל זה יותר מרוחב החורים האלה.</translation>
    </message>
    <message>
        <source>Counters fall out</source>
        <translation>חללי אותיות נושרים</translation>
    </message>
    <message>
        <source>Cut right through, these are held by nothing.</source>
        <translation>חתוכים לגמרי, דבר אינו מחזיק אותם.</translation>
    </message>
    <message>
        <source>Letters joined to nothing</source>
        <translation>אותיות שאינן מחוברות לדבר</translation>
    </message>
    <message>
        <source>Nothing holds these letters to the rest.</source>
        <translation>דבר אינו מחזיק את האותיות האלה לשאר.</translation>
    </message>
    <message>
        <source>Relief too low</source>
        <translation>תבליט נמוך מדי</translation>
    </message>
    <message>
        <source>Letters tall for their strokes</source>
        <translation>אותיות גבוהות לקוויהן</translation>
    </message>
    <message>
        <source>Letters high for something worn</source>
        <translation>אותיות גבוהות לדבר נלבש</translation>
    </message>
    <message>
        <source>Bedding too shallow</source>
        <translation>מושב רדוד מדי</translation>
    </message>
    <message>
        <source>Words beyond the blank</source>
        <translation>מילים מחוץ לגלם</translation>
    </message>
    <message>
        <source>Part of the words lies off the blank or over a hole.</source>
        <translation>חלק מן המילים מחוץ לגלם או מעל חור.</translation>
    </message>
    <message>
        <source>Too near the edge</source>
        <translation>קרוב מדי לקצה</translation>
    </message>
    <message>
        <source>Nearer to an edge than the margin set for this blank.</source>
        <translation>קרוב לקצה יותר מן השוליים של הגלם.</translation>
    </message>
    <message>
        <source>The blank has no size</source>
        <translation>לגלם אין גודל</translation>
    </message>
    <message>
        <source>Give the blank a width, a height and a thickness above 0.</source>
        <translation>תנו לגלם רוחב, גובה ועובי מעל 0.</translation>
    </message>
    <message>
        <source>The profile crosses itself</source>
        <translation>הפרופיל חוצה את עצמו</translation>
    </message>
    <message>
        <source>Between its points the profile runs through itself or beyond its ends. Move its points apart.</source>
        <translation>בין נקודותיו הפרופיל חוצה את עצמו או עובר את קצותיו. הרחיקו את נקודותיו.</translation>
    </message>
    <message>
        <source>Longer than once round</source>
        <translation>ארוך מהקפה אחת</translation>
    </message>
    <message>
        <source>The words run into themselves. Make them smaller or narrower, or the blank larger.</source>
        <translation>המילים נכנסות אל תוך עצמן. עשו אותן קטנות או צרות, או את הגלם גדול.</translation>
    </message>
    <message>
        <source>Letters across the border of facets</source>
        <translation>אותיות על גבול פאות</translation>
    </message>
    <message>
        <source>These bend over the edge between two facets. Give the letters out one to a facet, or move them.</source>
        <translation>אלה מתכופפות על הקצה בין שתי פאות. חלקו את האותיות אחת לכל פאה, או הזיזו אותן.</translation>
    </message>
    <message>
        <source>Letters narrow towards a pole</source>
        <translation>אותיות צרות לקראת קוטב</translation>
    </message>
    <message>
        <source>They are as wide as drawn where they are placed, and so much of that where the blank is thinner.</source>
        <translation>הן רחבות כפי ששורטטו היכן שהן, ורק במידה זו היכן שהגלם דק.</translation>
    </message>
    <message>
        <source>Flat tops are uneven</source>
        <translation>פסגות שטוחות אינן שוות</translation>
    </message>
    <message>
        <source>At their ends letters stand so much farther off the side, or nearer, than in their middle.</source>
        <translation>בקצותיהן האותיות רחוקות במידה זו מן הצד, או קרובות, מאשר באמצען.</translation>
    </message>
    <message>
        <source>Letters of two sides meet</source>
        <translation>אותיות משני צדדים נפגשות</translation>
    </message>
    <message>
        <source>They reach into each other inside the blank. Make them less deep, or move them apart.</source>
        <translation>הן נכנסות זו לזו בתוך הגלם. עשו אותן פחות עמוקות, או הרחיקו אותן.</translation>
    </message>
    <message>
        <source>The part cannot be had</source>
        <translation>אי אפשר להשיג את החלק</translation>
    </message>
    <message>
        <source>The part was mended</source>
        <translation>החלק תוקן</translation>
    </message>
    <message>
        <source>Triangles of its file that were there twice or faced the other way, or small holes, were put right. The file stays as it is.</source>
        <translation>משולשים בקובץ שהיו כפולים או הפוכים, או חורים קטנים, תוקנו. הקובץ נשאר כפי שהוא.</translation>
    </message>
    <message>
        <source>No side there</source>
        <translation>אין שם צד</translation>
    </message>
    <message>
        <source>The blank has no such side</source>
        <translation>לגלם אין צד כזה</translation>
    </message>
    <message>
        <source>Hole beyond the blank</source>
        <translation>חור מחוץ לגלם</translation>
    </message>
    <message>
        <source>The hole cuts into the blank&apos;s edge or misses the blank.</source>
        <translation>החור חותך בקצה הגלם או מחטיא אותו.</translation>
    </message>
    <message>
        <source>Narrow land beside a hole</source>
        <translation>דופן צרה ליד חור</translation>
    </message>
    <message>
        <source>Too thick to cut through</source>
        <translation>עבה מדי לחיתוך</translation>
    </message>
    <message>
        <source>Thin to cut</source>
        <translation>דק לחיתוך</translation>
    </message>
    <message>
        <source>Sharp edges</source>
        <translation>קצוות חדים</translation>
    </message>
    <message>
        <source>Walls lean too little</source>
        <translation>הדפנות נטויות מעט מדי</translation>
    </message>
    <message>
        <source>Wide strokes with a flat floor</source>
        <translation>קווים רחבים ברצפה שטוחה</translation>
    </message>
    <message>
        <source>The depth ends before the flanks meet in the middle of these strokes. A greater depth carves them to a point.</source>
        <translation>העומק נגמר לפני שהשיפועים נפגשים באמצע הקווים האלה. עומק גדול יותר מגלף אותם לחוד.</translation>
    </message>
    <message>
        <source>Corners stay round</source>
        <translation>פינות נשארות עגולות</translation>
    </message>
    <message>
        <source>Parts that begin in the air</source>
        <translation>חלקים שמתחילים באוויר</translation>
    </message>
    <message>
        <source>Lying so nothing is below them where they begin. Let the part lie otherwise, or support it.</source>
        <translation>בתנוחה זו אין דבר תחתם היכן שהם מתחילים. השכיבו את החלק אחרת, או תמכו בו.</translation>
    </message>
    <message>
        <source>Overhangs too far</source>
        <translation>בולט יותר מדי</translation>
    </message>
    <message>
        <source>Lying so, so much leans out farther than a print holds. Let the part lie otherwise.</source>
        <translation>בתנוחה זו, כך וכך נוטה החוצה יותר משהדפסה מחזיקה. השכיבו את החלק אחרת.</translation>
    </message>
    <message>
        <source>Not a whole number of layers</source>
        <translation>לא מספר שלם של שכבות</translation>
    </message>
    <message>
        <source>The printer makes it a layer higher or lower than it is drawn.</source>
        <translation>המדפסת עושה אותו שכבה גבוה או נמוך מששורטט.</translation>
    </message>
    <message>
        <source>Letters lose a layer</source>
        <translation>אותיות מאבדות שכבה</translation>
    </message>
    <message>
        <source>As the print lies, letters come out in fewer layers than they are high, or in none.</source>
        <translation>כפי שההדפס שוכב, אותיות יוצאות בפחות שכבות מגובהן, או בלי אף אחת.</translation>
    </message>
    <message>
        <source>Larger than the printer&apos;s bed</source>
        <translation>גדול ממצע המדפסת</translation>
    </message>
    <message>
        <source>Lying so the part does not fit on the bed, or under the top. Turn it, or make it smaller.</source>
        <translation>בתנוחה זו החלק אינו נכנס על המצע, או תחת הגג. סובבו אותו, או הקטינו אותו.</translation>
    </message>
    <message>
        <source>The solid could not be built</source>
        <translation>לא ניתן היה לבנות את הגוף</translation>
    </message>
    <message>
        <source>Ties without a stroke</source>
        <translation>קשירות בלי קו</translation>
    </message>
    <message>
        <source>These were put by hand where their letter is not cut any more. Drag them back, or take them away.</source>
        <translation>אלה הונחו ביד היכן שהאות שלהן כבר אינה נחתכת. גררו אותן חזרה, או הסירו אותן.</translation>
    </message>
    <message>
        <source>No ties needed</source>
        <translation>אין צורך בקשירות</translation>
    </message>
    <message>
        <source>No letter of these words encloses anything, so %1 gets none.</source>
        <translation>שום אות במילים האלה אינה מקיפה דבר, לכן %1 אינו מקבל.</translation>
    </message>
    <message>
        <source>Part beyond the stock</source>
        <translation>חלק מחוץ לחומר</translation>
    </message>
    <message>
        <source>The blank does not lie within the stock. Make the stock larger, or move it.</source>
        <translation>הגלם אינו בתוך החומר. הגדילו את החומר, או הזיזו אותו.</translation>
    </message>
    <message>
        <source>Cuts beside the stock</source>
        <translation>חותך ליד החומר</translation>
    </message>
    <message>
        <source>Some of what is cut lies where there is no stock.</source>
        <translation>חלק ממה שנחתך נמצא היכן שאין חומר.</translation>
    </message>
    <message>
        <source>Deeper than the stock</source>
        <translation>עמוק מן החומר</translation>
    </message>
    <message>
        <source>%1 goes through the stock into what lies below.</source>
        <translation>%1 עובר דרך החומר אל מה שמתחתיו.</translation>
    </message>
    <message>
        <source>Deeper than the tool cuts</source>
        <translation>עמוק ממה שהכלי חותך</translation>
    </message>
    <message>
        <source>%1: the shank rubs where the cutting edges end. Take a longer tool, or cut less deep.</source>
        <translation>%1: השרוול משתפשף היכן שנגמרים הלהבים. קחו כלי ארוך יותר, או חתכו פחות עמוק.</translation>
    </message>
    <message>
        <source>Beyond the machine&apos;s travel</source>
        <translation>מעבר למהלך המכונה</translation>
    </message>
    <message>
        <source>The machine cannot reach so far along %1.</source>
        <translation>המכונה אינה מגיעה כה רחוק לאורך %1.</translation>
    </message>
    <message>
        <source>Tool too wide for strokes</source>
        <translation>כלי רחב מדי לקווים</translation>
    </message>
    <message>
        <source>%1: nothing is cut where strokes are narrower than the tool. Take a smaller one, or larger letters.</source>
        <translation>%1: דבר אינו נחתך היכן שהקווים צרים מן הכלי. קחו כלי קטן יותר, או אותיות גדולות.</translation>
    </message>
    <message>
        <source>Little stock round the part</source>
        <translation>מעט חומר סביב החלק</translation>
    </message>
    <message>
        <source>The tool runs along the stock&apos;s edge or beside it. Leave a margin of its width.</source>
        <translation>הכלי הולך לאורך קצה החומר או לידו. השאירו שוליים ברוחבו.</translation>
    </message>
    <message>
        <source>Stock thicker than the blank</source>
        <translation>חומר עבה מן הגלם</translation>
    </message>
    <message>
        <source>What is cut out comes as thick as the stock.</source>
        <translation>מה שנחתך החוצה יוצא בעובי החומר.</translation>
    </message>
    <message>
        <source>No room for a lead</source>
        <translation>אין מקום לכניסה</translation>
    </message>
    <message>
        <source>%1: there is no place in the waste to begin from, so the cut begins on the line.</source>
        <translation>%1: אין מקום בפסולת להתחיל ממנו, לכן החיתוך מתחיל על הקו.</translation>
    </message>
    <message>
        <source>Another depth than its working</source>
        <translation>עומק אחר מן העיבוד</translation>
    </message>
    <message>
        <source>%1 tells a depth of its own, and the letters are designed with another.</source>
        <translation>%1 אומר עומק משלו, והאותיות תוכננו בעומק אחר.</translation>
    </message>
    <message>
        <source>Unknown dialect</source>
        <translation>ניב לא ידוע</translation>
    </message>
    <message>
        <source>There is no description of “%1”, so no file can be written.</source>
        <translation>אין תיאור של „%1”, לכן אי אפשר לכתוב קובץ.</translation>
    </message>
    <message>
        <source>Cut free too early</source>
        <translation>נחתך חופשי מוקדם מדי</translation>
    </message>
    <message>
        <source>%1 frees the part before all that is to be done to it. Cut it out last, or hold it by tabs.</source>
        <translation>%1 משחרר את החלק לפני שנעשה בו הכול. חתכו אותו החוצה אחרון, או החזיקו אותו בקשירות.</translation>
    </message>
    <message>
        <source>Pieces come loose inside</source>
        <translation>חתיכות משתחררות בפנים</translation>
    </message>
    <message>
        <source>%1: what is cut out within the part lies loose under the tool. Give the operation tabs, or take the pieces out as they fall.</source>
        <translation>%1: מה שנחתך בתוך החלק שוכב רופף תחת הכלי. תנו לפעולה קשירות, או הוציאו את החתיכות כשהן נופלות.</translation>
    </message>
    <message>
        <source>Beyond the spindle&apos;s speeds</source>
        <translation>מעבר למהירויות הציר</translation>
    </message>
    <message>
        <source>%1 asks for a speed that the machine&apos;s spindle does not turn at.</source>
        <translation>%1 מבקש מהירות שציר המכונה אינו מסתובב בה.</translation>
    </message>
    <message>
        <source>Not for this machine</source>
        <translation>לא למכונה הזאת</translation>
    </message>
    <message>
        <source>%1 needs a spindle where the machine carries a torch, or the other way round.</source>
        <translation>%1 צריך ציר היכן שהמכונה נושאת מבער, או להפך.</translation>
    </message>
    <message>
        <source>Zero elsewhere than last time</source>
        <translation>אפס במקום אחר מן הפעם הקודמת</translation>
    </message>
    <message>
        <source>The last file for this process had its zero at another place of the stock.</source>
        <translation>לקובץ האחרון של התהליך הזה היה אפס במקום אחר על החומר.</translation>
    </message>
    <message>
        <source>Outlines were mended</source>
        <translation>קווי מתאר תוקנו</translation>
    </message>
    <message>
        <source>Contours overlapped or crossed; they were united and come out filled.</source>
        <translation>קווים חפפו או הצטלבו; הם אוחדו ויוצאים מלאים.</translation>
    </message>
    <message>
        <source>The stock stands above the blank</source>
        <translation>החומר בולט מעל הגלם</translation>
    </message>
    <message>
        <source>Depths count from the blank&apos;s surface, which lies so far below the stock&apos;s, and nothing takes that off before. Take thinner stock, or put a raster first.</source>
        <translation>עומקים נספרים מפני הגלם, שנמוכים כך מפני החומר, ודבר אינו מוריד זאת קודם. קחו חומר דק יותר, או הקדימו סריקה.</translation>
    </message>
    <message>
        <source>The tool meets the chuck</source>
        <translation>הכלי פוגש את התפסנית</translation>
    </message>
    <message>
        <source>%1 comes so far over what holds the bar. Move the words away from it, or hold the bar at its other end.</source>
        <translation>%1 מגיע במידה זו מעל מה שמחזיק את המוט. הרחיקו משם את המילים, או החזיקו את המוט בקצהו השני.</translation>
    </message>
    <message>
        <source>%1: the side leans too far there for this tool, whose flank would run into it. Place the words nearer to the top, or let the bar turn on an axis.</source>
        <translation>%1: הצד נוטה שם יותר מדי לכלי הזה, ששיפועו ייכנס בו. הניחו את המילים קרוב יותר למעלה, או הניחו למוט להסתובב על ציר.</translation>
    </message>
    <message>
        <source>Not cut on a side like this</source>
        <translation>אינו נחתך על צד כזה</translation>
    </message>
    <message>
        <source>%1 is not done there. On sides that go round the blank words are scribed, V-carved and pocketed, and where the bar turns a raster takes the ground off.</source>
        <translation>%1 אינו נעשה שם. על צדדים שמקיפים את הגלם מילים נחרטות בקו, נחרטות ב־V ונעשות כיס, והיכן שהמוט מסתובב סריקה מורידה את הרקע.</translation>
    </message>
    <message>
        <source>Nothing is cut of these words</source>
        <translation>דבר אינו נחתך מן המילים האלה</translation>
    </message>
    <message>
        <source>Thinner than metal runs into: the casting lacks it.</source>
        <translation>דק ממה שמתכת זורמת לתוכו: הוא חסר ביציקה.</translation>
    </message>
    <message>
        <source>So thin that metal may not run all the way into it.</source>
        <translation>דק כל כך שמתכת אולי לא תזרום עד סופו.</translation>
    </message>
    <message>
        <source>Narrower than the mould holds: it breaks off and metal fills the place.</source>
        <translation>צר ממה שהתבנית מחזיקה: הוא נשבר ומתכת ממלאת את המקום.</translation>
    </message>
    <message>
        <source>So narrow that the mould may crumble here.</source>
        <translation>צר כל כך שהתבנית עלולה להתפורר כאן.</translation>
    </message>
    <message>
        <source>Sharp edges of a pattern crumble in the mould and come out ragged.</source>
        <translation>קצוות חדים של דגם מתפוררים בתבנית ויוצאים פרומים.</translation>
    </message>
    <message>
        <source>So upright, walls of a pattern tear the mould when it is drawn out.</source>
        <translation>דפנות זקופות כל כך של דגם קורעות את התבנית כשמוציאים אותו.</translation>
    </message>
    <message>
        <source>Thinner than one printed line: the printer leaves it out.</source>
        <translation>דק מקו מודפס אחד: המדפסת משמיטה אותו.</translation>
    </message>
    <message>
        <source>Less than two printed lines wide: it may print weak or ragged.</source>
        <translation>פחות משני קווים מודפסים: הוא עלול לצאת חלש או פרום.</translation>
    </message>
    <message>
        <source>Narrower than half the nozzle: the molten line closes it.</source>
        <translation>צר מחצי הנחיר: הקו המותך סוגר אותו.</translation>
    </message>
    <message>
        <source>Narrower than the nozzle: edges may run into each other.</source>
        <translation>צר מן הנחיר: קצוות עלולים להתחבר.</translation>
    </message>
    <message>
        <source>This place alone holds two parts together, and two printed lines do not fit into it.</source>
        <translation>רק המקום הזה מחזיק שני חלקים יחד, ושני קווים מודפסים אינם נכנסים בו.</translation>
    </message>
    <message>
        <source>So few layers are left under the letters that the floor shows through or tears.</source>
        <translation>כל כך מעט שכבות נשארות תחת האותיות שהרצפה נראית מבעד או נקרעת.</translation>
    </message>
    <message>
        <source>Less than two layers: the letters hardly stand out.</source>
        <translation>פחות משתי שכבות: האותיות כמעט אינן בולטות.</translation>
    </message>
    <message>
        <source>More than %1 times as high as the thinnest stroke is wide: it may break off.</source>
        <translation>גבוה יותר מפי %1 מרוחב הקו הדק ביותר: הוא עלול להישבר.</translation>
    </message>
    <message>
        <source>Letters that reach less than a layer into the blank come off easily.</source>
        <translation>אותיות שנכנסות לגלם פחות משכבה נתלשות בקלות.</translation>
    </message>
    <message>
        <source>So narrow beside the beam that it burns away or breaks.</source>
        <translation>צר כל כך ליד הקרן שהוא נשרף או נשבר.</translation>
    </message>
    <message>
        <source>Narrower than the sheet is thick: it breaks easily.</source>
        <translation>צר מעובי הגיליון: הוא נשבר בקלות.</translation>
    </message>
    <message>
        <source>Narrower than the beam cuts.</source>
        <translation>צר ממה שהקרן חותכת.</translation>
    </message>
    <message>
        <source>Hardly wider than the cut: corners come out round.</source>
        <translation>רחב אך במעט מן החתך: פינות יוצאות עגולות.</translation>
    </message>
    <message>
        <source>Lines closer than a cut is wide run into each other.</source>
        <translation>קווים קרובים מרוחב חתך מתחברים.</translation>
    </message>
    <message>
        <source>Less than half the cutter wide: it may break away under the cutter.</source>
        <translation>פחות מחצי רוחב הכרסום: הוא עלול להישבר תחתיו.</translation>
    </message>
    <message>
        <source>Narrower than the cutter: it does not fit in.</source>
        <translation>צר מן הכרסום: הוא אינו נכנס.</translation>
    </message>
    <message>
        <source>Hardly wider than the cutter, which rubs on both sides at once.</source>
        <translation>רחב אך במעט מן הכרסום, שמשתפשף בשני הצדדים יחד.</translation>
    </message>
    <message>
        <source>The cutter is round: this much is left in corners, at its radius.</source>
        <translation>הכרסום עגול: כך וכך נשאר בפינות, ברדיוס שלו.</translation>
    </message>
    <message>
        <source>Thinner than resin hardens reliably: it is missing or breaks in cleaning.</source>
        <translation>דק ממה ששרף מתקשה בביטחון: הוא חסר או נשבר בניקוי.</translation>
    </message>
    <message>
        <source>So thin that it bends or breaks easily in cleaning.</source>
        <translation>דק כל כך שהוא מתעקם או נשבר בקלות בניקוי.</translation>
    </message>
    <message>
        <source>Narrower than resin drains from: it hardens shut.</source>
        <translation>צר ממה ששרף מתנקז ממנו: הוא מתקשה סגור.</translation>
    </message>
    <message>
        <source>So narrow that resin may stay in it and harden.</source>
        <translation>צר כל כך ששרף עלול להישאר בו ולהתקשות.</translation>
    </message>
    <message>
        <source>More than %1 times as high as the thinnest stroke is wide: it may bend or break off.</source>
        <translation>גבוה יותר מפי %1 מרוחב הקו הדק ביותר: הוא עלול להתעקם או להישבר.</translation>
    </message>
    <message>
        <source>So high, letters on something worn catch on cloth and skin.</source>
        <translation>אותיות גבוהות כל כך על דבר נלבש נתפסות בבד ובעור.</translation>
    </message>
    <message>
        <source>Nothing is left under the letters.</source>
        <translation>דבר אינו נשאר תחת האותיות.</translation>
    </message>
    <message>
        <source>So little beside the flame melts away.</source>
        <translation>מעט כל כך ליד הלהבה נמס.</translation>
    </message>
    <message>
        <source>So little beside the flame may warp or be washed out.</source>
        <translation>מעט כל כך ליד הלהבה עלול להתעקם או להישטף.</translation>
    </message>
    <message>
        <source>Narrower than the plate is thick, or than the cut: it closes up.</source>
        <translation>צר מעובי הלוח, או מן החתך: הוא נסגר.</translation>
    </message>
    <message>
        <source>So narrow for this plate that its sides come out ragged.</source>
        <translation>צר כל כך ללוח הזה שצדדיו יוצאים פרומים.</translation>
    </message>
    <message>
        <source>The torch does not come out at the other side of so thick a plate.</source>
        <translation>המבער אינו יוצא מצדו השני של לוח עבה כל כך.</translation>
    </message>
    <message>
        <source>So thin a plate burns away and warps under the torch.</source>
        <translation>לוח דק כל כך נשרף ומתעקם תחת המבער.</translation>
    </message>
    <message>
        <source>So thin a land between two cuts may chip out.</source>
        <translation>דופן דקה כל כך בין שני חיתוכים עלולה להתקלף.</translation>
    </message>
    <message>
        <source>Narrower than the bit&apos;s tip: nothing is cut here.</source>
        <translation>צר מחוד הכרסום: דבר אינו נחתך כאן.</translation>
    </message>
</context>
<context>
    <name>Sheets</name>
    <message>
        <source>This line is 100 mm long. %1</source>
        <translation>אורך הקו הזה 100 מ״מ. %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1. Row %2 of %3, sheet %4 of %5; crosses lie over each other.</source>
        <translation>%1. שורה %2 מתוך %3, גיליון %4 מתוך %5; הצלבים זה על זה.</translation>
    </message>
</context>
<context>
    <name>Summaries</name>
    <message>
        <source>top left</source>
        <translation>למעלה משמאל</translation>
    </message>
    <message>
        <source>top</source>
        <translation>למעלה</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>למעלה מימין</translation>
    </message>
    <message>
        <source>left</source>
        <translation>שמאל</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>מרכז</translation>
    </message>
    <message>
        <source>right</source>
        <translation>ימין</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>למטה משמאל</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>למטה</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>למטה מימין</translation>
    </message>
    <message>
        <source>front</source>
        <translation>חזית</translation>
    </message>
    <message>
        <source>back</source>
        <translation>גב</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>חוץ</translation>
    </message>
    <message>
        <source>inside</source>
        <translation>פנים</translation>
    </message>
    <message>
        <source>start</source>
        <translation>תחילה</translation>
    </message>
    <message>
        <source>end</source>
        <translation>סוף</translation>
    </message>
    <message>
        <source>a face pointed at</source>
        <translation>פאה שהוצבע עליה</translation>
    </message>
    <message>
        <source>Capital height</source>
        <translation>גובה אותיות רישיות</translation>
    </message>
    <message>
        <source>x-height</source>
        <translation>גובה x</translation>
    </message>
    <message>
        <source>Line height</source>
        <translation>גובה שורה</translation>
    </message>
    <message>
        <source>Overall width</source>
        <translation>רוחב כולל</translation>
    </message>
    <message>
        <source>Overall height</source>
        <translation>גובה כולל</translation>
    </message>
    <message>
        <source>on the part</source>
        <translation>על החלק</translation>
    </message>
    <message>
        <source>in its impression</source>
        <translation>בהטבעה שלו</translation>
    </message>
    <message>
        <source>through from the back</source>
        <translation>דרך החומר, מאחור</translation>
    </message>
    <message>
        <source>words</source>
        <translation>מילים</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>מסגרת</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>מוט</translation>
    </message>
    <message>
        <source>border</source>
        <translation>שוליים</translation>
    </message>
    <message>
        <source>backing</source>
        <translation>תמיכה</translation>
    </message>
    <message>
        <source>artwork</source>
        <translation>עיטור</translation>
    </message>
    <message>
        <source>artwork %1</source>
        <translation>עיטור %1</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>מלבן</translation>
    </message>
    <message>
        <source>oval</source>
        <translation>אליפסה</translation>
    </message>
    <message>
        <source>circle</source>
        <translation>עיגול</translation>
    </message>
    <message>
        <source>along the letters</source>
        <translation>לאורך האותיות</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>פסים</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>לוח</translation>
    </message>
    <message>
        <source>oval plate</source>
        <translation>לוח אליפטי</translation>
    </message>
    <message>
        <source>links between parts</source>
        <translation>קשרים בין חלקים</translation>
    </message>
    <message>
        <source>pins on bars</source>
        <translation>פינים על פסים</translation>
    </message>
    <message>
        <source>plate along the letters</source>
        <translation>לוח לאורך האותיות</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>ישר</translation>
    </message>
    <message>
        <source>on an arc</source>
        <translation>על קשת</translation>
    </message>
    <message>
        <source>round a circle</source>
        <translation>סביב עיגול</translation>
    </message>
    <message>
        <source>along a curve</source>
        <translation>לאורך עקומה</translation>
    </message>
    <message>
        <source>along the blank’s edge</source>
        <translation>לאורך קצה הגלם</translation>
    </message>
    <message>
        <source>, band %1</source>
        <translation>, רצועה %1</translation>
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
        <translation>מסגרת, %1, </translation>
    </message>
    <message>
        <source>%1 round the words</source>
        <translation>%1 סביב המילים</translation>
    </message>
    <message>
        <source>bar %1</source>
        <translation>פס %1</translation>
    </message>
    <message>
        <source>border %1 from the edge</source>
        <translation>שוליים %1 מן הקצה</translation>
    </message>
    <message>
        <source>backing, %1, %2 wide</source>
        <translation>תמיכה, %1, רוחב %2</translation>
    </message>
    <message>
        <source>backing, %1 %2 beyond the words</source>
        <translation>תמיכה, %1 %2 מעבר למילים</translation>
    </message>
    <message>
        <source>%1 at %2 %</source>
        <translation>%1 ב־%2 %</translation>
    </message>
    <message>
        <source>capitals %1</source>
        <translation>רישיות %1</translation>
    </message>
    <message>
        <source>x-height %1</source>
        <translation>גובה x %1</translation>
    </message>
    <message>
        <source>lines %1</source>
        <translation>שורות %1</translation>
    </message>
    <message>
        <source>%1 wide</source>
        <translation>רוחב %1</translation>
    </message>
    <message>
        <source>%1 high</source>
        <translation>גובה %1</translation>
    </message>
    <message>
        <source>no words yet</source>
        <translation>אין עדיין מילים</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>, width %1 %</source>
        <translation>, רוחב %1 %</translation>
    </message>
    <message>
        <source>, slant %1°</source>
        <translation>, הטיה %1°</translation>
    </message>
    <message numerus="yes">
        <source>, %n letter(s) nudged</source>
        <translation>
            <numerusform>, אות %n מוזזת</numerusform>
            <numerusform>, %n אותיות מוזזות</numerusform>
        </translation>
    </message>
    <message>
        <source>, weight %1</source>
        <translation>, משקל %1</translation>
    </message>
    <message>
        <source>nothing to place</source>
        <translation>אין מה למקם</translation>
    </message>
    <message>
        <source>with its words</source>
        <translation>עם מילותיה</translation>
    </message>
    <message>
        <source>%1 at %2, %3</source>
        <translation>%1 ב־%2, %3</translation>
    </message>
    <message>
        <source> of radius %1</source>
        <translation> ברדיוס %1</translation>
    </message>
    <message>
        <source>, turned %1°</source>
        <translation>, מסובב %1°</translation>
    </message>
    <message>
        <source>, reads %1</source>
        <translation>, נקרא %1</translation>
    </message>
    <message>
        <source>chamfer %1</source>
        <translation>קיטום %1</translation>
    </message>
    <message>
        <source>chamfer %1 at %2</source>
        <translation>קיטום %1 ב־%2</translation>
    </message>
    <message>
        <source>rounded %1</source>
        <translation>מעוגל %1</translation>
    </message>
    <message>
        <source>draft %1</source>
        <translation>שיפוע %1</translation>
    </message>
    <message>
        <source>chamfer</source>
        <translation>קיטום</translation>
    </message>
    <message>
        <source>round</source>
        <translation>עגול</translation>
    </message>
    <message>
        <source>draft</source>
        <translation>שיפוע</translation>
    </message>
    <message>
        <source>crisp</source>
        <translation>חד</translation>
    </message>
    <message>
        <source>stroke</source>
        <translation>קו</translation>
    </message>
    <message>
        <source>counter</source>
        <translation>חלל אות</translation>
    </message>
    <message>
        <source>opening</source>
        <translation>פתח</translation>
    </message>
    <message>
        <source>bridge</source>
        <translation>גשר</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>רווח</translation>
    </message>
    <message>
        <source>neck</source>
        <translation>צוואר</translation>
    </message>
    <message>
        <source>to the edge</source>
        <translation>עד הקצה</translation>
    </message>
    <message>
        <source>centreline of %1</source>
        <translation>קו אמצע של %1</translation>
    </message>
    <message>
        <source>ligatures</source>
        <translation>צירופי אותיות</translation>
    </message>
    <message>
        <source>more ligatures</source>
        <translation>עוד צירופי אותיות</translation>
    </message>
    <message>
        <source>historical ligatures</source>
        <translation>צירופי אותיות היסטוריים</translation>
    </message>
    <message>
        <source>small capitals</source>
        <translation>רישיות קטנות</translation>
    </message>
    <message>
        <source>capitals as small capitals</source>
        <translation>רישיות כרישיות קטנות</translation>
    </message>
    <message>
        <source>old-style figures</source>
        <translation>ספרות בסגנון ישן</translation>
    </message>
    <message>
        <source>lining figures</source>
        <translation>ספרות מיושרות</translation>
    </message>
    <message>
        <source>figures in columns</source>
        <translation>ספרות בעמודות</translation>
    </message>
    <message>
        <source>figures of own width</source>
        <translation>ספרות ברוחב משלהן</translation>
    </message>
    <message>
        <source>slashed zero</source>
        <translation>אפס מחוק</translation>
    </message>
    <message>
        <source>fractions</source>
        <translation>שברים</translation>
    </message>
    <message>
        <source>ordinals</source>
        <translation>מספרים סודרים</translation>
    </message>
    <message>
        <source>other forms</source>
        <translation>צורות אחרות</translation>
    </message>
    <message>
        <source>swashes</source>
        <translation>קישוטי אות</translation>
    </message>
    <message>
        <source>titling capitals</source>
        <translation>רישיות כותרת</translation>
    </message>
    <message>
        <source>signs for capitals</source>
        <translation>סימנים לרישיות</translation>
    </message>
    <message>
        <source>set of forms %1</source>
        <translation>מערך צורות %1</translation>
    </message>
</context>
<context>
    <name>Workings</name>
    <message>
        <source>raised</source>
        <translation>מוגבה</translation>
    </message>
    <message>
        <source>raised %1</source>
        <translation>מוגבה %1</translation>
    </message>
    <message>
        <source>Stands above the front and reaches into the blank by its bedding.</source>
        <translation>בולט מן החזית ונכנס לגלם במושבו.</translation>
    </message>
    <message>
        <source>sunk</source>
        <translation>שקוע</translation>
    </message>
    <message>
        <source>sunk %1</source>
        <translation>שקוע %1</translation>
    </message>
    <message>
        <source>Cut into the blank, with a flat floor.</source>
        <translation>חתוך בגלם, ברצפה שטוחה.</translation>
    </message>
    <message>
        <source>pierced</source>
        <translation>מנוקב</translation>
    </message>
    <message>
        <source>pierced, cut right through</source>
        <translation>מנוקב, חתוך לגמרי</translation>
    </message>
    <message>
        <source>Cut right through; counters fall out unless something holds them.</source>
        <translation>חתוך לגמרי; חללי אותיות נושרים אם דבר אינו מחזיק אותם.</translation>
    </message>
    <message>
        <source>free-standing</source>
        <translation>עומד חופשי</translation>
    </message>
    <message>
        <source>free-standing %1</source>
        <translation>עומד חופשי %1</translation>
    </message>
    <message>
        <source>Letters by themselves, without a blank.</source>
        <translation>אותיות לבדן, בלי גלם.</translation>
    </message>
    <message>
        <source>scribed</source>
        <translation>חרוט קו</translation>
    </message>
    <message>
        <source>scribed %1 deep</source>
        <translation>חרוט קו בעומק %1</translation>
    </message>
    <message>
        <source>Cut as a line as wide as the stroke: along single lines, or along outlines.</source>
        <translation>נחתך כקו ברוחב הקו: לאורך קווים יחידים, או לאורך קווי מתאר.</translation>
    </message>
    <message>
        <source>carved</source>
        <translation>מגולף</translation>
    </message>
    <message>
        <source>carved at %2° up to %1 deep</source>
        <translation>מגולף ב־%2° עד עומק %1</translation>
    </message>
    <message>
        <source>As a V-bit leaves it: deeper where strokes are wider, with a flat floor at the full depth.</source>
        <translation>כפי שכרסום V משאיר: עמוק יותר היכן שהקווים רחבים, ברצפה שטוחה בעומק המלא.</translation>
    </message>
    <message>
        <source>inlaid</source>
        <translation>משובץ</translation>
    </message>
    <message>
        <source>inlaid %1</source>
        <translation>משובץ %1</translation>
    </message>
    <message>
        <source>A second material, flush with the front; with clearance a piece of its own, to be glued in.</source>
        <translation>חומר שני, בגובה החזית; עם מרווח, חתיכה נפרדת להדבקה.</translation>
    </message>
    <message>
        <source>clearance %1</source>
        <translation>מרווח %1</translation>
    </message>
    <message>
        <source>foot %1</source>
        <translation>רגל %1</translation>
    </message>
    <message>
        <source>bedded %1</source>
        <translation>מושב %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::BlankStation</name>
    <message>
        <source>Width</source>
        <translation>רוחב</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>גובה</translation>
    </message>
    <message>
        <source>height</source>
        <translation>גובה</translation>
    </message>
    <message>
        <source>Corner radius</source>
        <translation>רדיוס פינות</translation>
    </message>
    <message>
        <source>Diameter</source>
        <translation>קוטר</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>אורך</translation>
    </message>
    <message>
        <source>Bore</source>
        <translation>קדח</translation>
    </message>
    <message>
        <source>Diameter at the end</source>
        <translation>קוטר בסוף</translation>
    </message>
    <message>
        <source>end ⌀</source>
        <translation>סוף ⌀</translation>
    </message>
    <message>
        <source>Inside</source>
        <translation>פנים</translation>
    </message>
    <message>
        <source>What the inside of the ring looks like</source>
        <translation>איך נראה פנים הטבעת</translation>
    </message>
    <message>
        <source>Change the inside</source>
        <translation>שינוי הפנים</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>שטוח</translation>
    </message>
    <message>
        <source>comfort</source>
        <translation>נוח</translation>
    </message>
    <message>
        <source>Wider by</source>
        <translation>רחב יותר ב־</translation>
    </message>
    <message>
        <source>Flat</source>
        <translation>משטח</translation>
    </message>
    <message>
        <source>Thickness at the flat</source>
        <translation>עובי במשטח</translation>
    </message>
    <message>
        <source>thick</source>
        <translation>עבה</translation>
    </message>
    <message>
        <source>Facets</source>
        <translation>פאות</translation>
    </message>
    <message>
        <source>Across the facets</source>
        <translation>בין הפאות</translation>
    </message>
    <message>
        <source>across</source>
        <translation>לרוחב</translation>
    </message>
    <message>
        <source>Unit of the file</source>
        <translation>יחידת הקובץ</translation>
    </message>
    <message>
        <source>Unit of files that do not tell one</source>
        <translation>יחידה לקבצים שאינם אומרים אותה</translation>
    </message>
    <message>
        <source>Change the unit of the file</source>
        <translation>שינוי יחידת הקובץ</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>מ״מ</translation>
    </message>
    <message>
        <source>cm</source>
        <translation>ס״מ</translation>
    </message>
    <message>
        <source>m</source>
        <translation>מטר</translation>
    </message>
    <message>
        <source>inch</source>
        <translation>אינץ׳</translation>
    </message>
    <message>
        <source>Times as large</source>
        <translation>גדול פי</translation>
    </message>
    <message>
        <source>Wall</source>
        <translation>דופן</translation>
    </message>
    <message>
        <source>Hole along the axis</source>
        <translation>חור לאורך הציר</translation>
    </message>
    <message>
        <source>Depth of the hole, 0 for right through</source>
        <translation>עומק החור, 0 לכל העובי</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>עומק</translation>
    </message>
    <message>
        <source>Hole from</source>
        <translation>חור מן</translation>
    </message>
    <message>
        <source>Where the hole along the axis opens</source>
        <translation>היכן נפתח החור לאורך הציר</translation>
    </message>
    <message>
        <source>Change the hole</source>
        <translation>שינוי החור</translation>
    </message>
    <message>
        <source>its start</source>
        <translation>תחילתו</translation>
    </message>
    <message>
        <source>its end</source>
        <translation>סופו</translation>
    </message>
    <message>
        <source>Ear, its hole</source>
        <translation>אוזן, החור שלה</translation>
    </message>
    <message>
        <source>How thick the ear is</source>
        <translation>עובי האוזן</translation>
    </message>
    <message>
        <source>Ear&apos;s wall</source>
        <translation>דופן האוזן</translation>
    </message>
    <message>
        <source>How wide the ear is round its hole</source>
        <translation>רוחב האוזן סביב החור שלה</translation>
    </message>
    <message>
        <source>Ear at</source>
        <translation>אוזן ב־</translation>
    </message>
    <message>
        <source>Which end the ear stands on</source>
        <translation>באיזה קצה עומדת האוזן</translation>
    </message>
    <message>
        <source>Change the ear</source>
        <translation>שינוי האוזן</translation>
    </message>
    <message>
        <source>Centre hole</source>
        <translation>חור מרכזי</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>עובי</translation>
    </message>
    <message>
        <source>Thickness at its right</source>
        <translation>עובי בצד ימין</translation>
    </message>
    <message>
        <source>right</source>
        <translation>ימין</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>שוליים</translation>
    </message>
    <message>
        <source>Edge</source>
        <translation>קצה</translation>
    </message>
    <message>
        <source>How the edge of the blank is broken</source>
        <translation>איך שבור קצה הגלם</translation>
    </message>
    <message>
        <source>Change the blank&apos;s edge</source>
        <translation>שינוי קצה הגלם</translation>
    </message>
    <message>
        <source>At the back too</source>
        <translation>גם מאחור</translation>
    </message>
    <message>
        <source>Change where the edge is</source>
        <translation>שינוי מיקום הקצה</translation>
    </message>
    <message>
        <source>What the blank is made of</source>
        <translation>ממה עשוי הגלם</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>חומר</translation>
    </message>
    <message>
        <source>Change the material</source>
        <translation>שינוי החומר</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>גלם</translation>
    </message>
    <message>
        <source>Change the blank</source>
        <translation>שינוי הגלם</translation>
    </message>
    <message>
        <source>A ready shape to begin from</source>
        <translation>צורה מוכנה להתחלה</translation>
    </message>
    <message>
        <source>Begin from a ready shape</source>
        <translation>התחלה מצורה מוכנה</translation>
    </message>
    <message>
        <source>Take a ready shape</source>
        <translation>בחירת צורה מוכנה</translation>
    </message>
    <message>
        <source>Scale of ring sizes</source>
        <translation>סולם מידות טבעת</translation>
    </message>
    <message>
        <source>Ring size</source>
        <translation>מידת טבעת</translation>
    </message>
    <message>
        <source>Change the ring size</source>
        <translation>שינוי מידת הטבעת</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>קו מתאר</translation>
    </message>
    <message>
        <source>What the plate looks like from the front</source>
        <translation>איך נראה הלוח מלפנים</translation>
    </message>
    <message>
        <source>Change the outline</source>
        <translation>שינוי קו המתאר</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>פינות</translation>
    </message>
    <message>
        <source>Ear</source>
        <translation>אוזן</translation>
    </message>
    <message>
        <source>Hole in the ear</source>
        <translation>חור באוזן</translation>
    </message>
    <message>
        <source>its hole</source>
        <translation>החור שלה</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>מרחק</translation>
    </message>
    <message>
        <source>Outline from SVG or DXF…</source>
        <translation>קו מתאר מ־SVG או DXF…</translation>
    </message>
    <message>
        <source>Inside too</source>
        <translation>גם בפנים</translation>
    </message>
    <message>
        <source>Its density is not known here, so its mass is not told.</source>
        <translation>צפיפותו אינה ידועה כאן, לכן מסתו אינה נאמרת.</translation>
    </message>
    <message>
        <source>The part weighs %1.</source>
        <translation>החלק שוקל %1.</translation>
    </message>
</context>
<context>
    <name>bollard::app::BodyCanvas</name>
    <message>
        <source>Body view</source>
        <translation>תצוגת הגוף</translation>
    </message>
    <message>
        <source>Arrow keys turn the body; plus and minus zoom; Home fits; Page up and Page down change how high or deep the selected words are, with Shift in hundredths.</source>
        <translation>מקשי החצים מסובבים את הגוף; פלוס ומינוס מקרבים ומרחיקים; Home מציג הכול; Page up ו־Page down משנים את גובה המילים הנבחרות או עומקן, עם Shift במאיות.</translation>
    </message>
    <message>
        <source>Nothing to make yet: give the card a blank or words.</source>
        <translation>אין עדיין מה לייצר: תנו לכרטיס גלם או מילים.</translation>
    </message>
    <message>
        <source>Change how high it is</source>
        <translation>שינוי הגובה</translation>
    </message>
    <message>
        <source>x %1  y %2  z %3</source>
        <translation>x %1  y %2  z %3</translation>
    </message>
    <message>
        <source>%1: x %2  y %3  height %4</source>
        <translation>%1: x %2  y %3  גובה %4</translation>
    </message>
    <message>
        <source>   %1 thick</source>
        <translation>   עובי %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::BodyView</name>
    <message>
        <source>Look at the front</source>
        <translation>מבט מלפנים</translation>
    </message>
    <message>
        <source>Look at the back</source>
        <translation>מבט מאחור</translation>
    </message>
    <message>
        <source>Look from the side</source>
        <translation>מבט מן הצד</translation>
    </message>
    <message>
        <source>Look from a corner</source>
        <translation>מבט מפינה</translation>
    </message>
    <message>
        <source>Fit the body into the view</source>
        <translation>התאמת הגוף לתצוגה</translation>
    </message>
    <message>
        <source>Section</source>
        <translation>חתך</translation>
    </message>
    <message>
        <source>Section along</source>
        <translation>חתך לאורך</translation>
    </message>
    <message>
        <source>none</source>
        <translation>אין</translation>
    </message>
    <message>
        <source>Where the section cuts</source>
        <translation>היכן עובר החתך</translation>
    </message>
    <message>
        <source>See-through</source>
        <translation>שקוף</translation>
    </message>
    <message>
        <source>See through the blank</source>
        <translation>מבט דרך הגלם</translation>
    </message>
</context>
<context>
    <name>bollard::app::CardEditor</name>
    <message>
        <source>Clear nudges</source>
        <translation>ביטול ההזזות</translation>
    </message>
    <message>
        <source>Copy inscription</source>
        <translation>העתקת כתובת</translation>
    </message>
    <message>
        <source>Delete inscription</source>
        <translation>מחיקת כתובת</translation>
    </message>
    <message>
        <source>Reorder inscriptions</source>
        <translation>סידור הכתובות</translation>
    </message>
    <message>
        <source>Unnamed card</source>
        <translation>כרטיס ללא שם</translation>
    </message>
    <message>
        <source>typefaces taken along</source>
        <translation>גופנים שנלקחו</translation>
    </message>
    <message>
        <source>typefaces left behind</source>
        <translation>גופנים שנשארו</translation>
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
        <translation>השפה וגודל הטקסט ישתנו כשלא יישלח עוד דבר.</translation>
    </message>
</context>
<context>
    <name>bollard::app::Drawer</name>
    <message>
        <source>Shut the drawer</source>
        <translation>סגירת המגירה</translation>
    </message>
</context>
<context>
    <name>bollard::app::FindingRow</name>
    <message>
        <source>why it may stand; Return</source>
        <translation>מדוע זה יכול להישאר; Enter</translation>
    </message>
    <message>
        <source>Why the finding may stand</source>
        <translation>מדוע הממצא יכול להישאר</translation>
    </message>
    <message>
        <source>Count it again</source>
        <translation>לספור אותו שוב</translation>
    </message>
    <message>
        <source>Let it stand</source>
        <translation>להשאיר כך</translation>
    </message>
    <message>
        <source>You let it stand.</source>
        <translation>השארתם אותו כך.</translation>
    </message>
    <message>
        <source>You let it stand: %1</source>
        <translation>השארתם אותו כך: %1</translation>
    </message>
    <message>
        <source>Place %1 of %2</source>
        <translation>מקום %1 מתוך %2</translation>
    </message>
    <message>
        <source>Mend: %1</source>
        <translation>תיקון: %1</translation>
    </message>
    <message>
        <source>Why?</source>
        <translation>למה?</translation>
    </message>
    <message>
        <source>Help on this finding</source>
        <translation>עזרה על הממצא הזה</translation>
    </message>
</context>
<context>
    <name>bollard::app::FindingsPanel</name>
    <message>
        <source>Stop</source>
        <translation>מניעה</translation>
    </message>
    <message>
        <source>Watch</source>
        <translation>תשומת לב</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>הערה</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>ממצאים</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>פסק דין</translation>
    </message>
    <message>
        <source>Mend all…</source>
        <translation>תיקון הכול…</translation>
    </message>
    <message>
        <source>Look for mends of all that stops</source>
        <translation>חיפוש תיקונים לכל המניעות</translation>
    </message>
    <message>
        <source>Mends only for row %1</source>
        <translation>תיקונים רק לשורה %1</translation>
    </message>
    <message>
        <source>Let a finding stand</source>
        <translation>השארת ממצא</translation>
    </message>
    <message>
        <source>Count a finding again</source>
        <translation>ספירת ממצא מחדש</translation>
    </message>
    <message>
        <source>Verdict: %1</source>
        <translation>פסק דין: %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::FirstSteps</name>
    <message>
        <source>Leave the steps</source>
        <translation>לעזוב את הצעדים</translation>
    </message>
    <message>
        <source>That is the way of every part: words, findings, files. F1 tells the rest.</source>
        <translation>זו דרכו של כל חלק: מילים, ממצאים, קבצים. F1 אומר את השאר.</translation>
    </message>
    <message>
        <source>1 of 3: words</source>
        <translation>1 מתוך 3: מילים</translation>
    </message>
    <message>
        <source>2 of 3: what cannot be made</source>
        <translation>2 מתוך 3: מה שאי אפשר לעשות</translation>
    </message>
    <message>
        <source>3 of 3: files</source>
        <translation>3 מתוך 3: קבצים</translation>
    </message>
    <message>
        <source>These words are cut out. Write others, or some more, in Lettering: the board follows.</source>
        <translation>המילים האלה נחתכות החוצה. כתבו אחרות, או עוד, בכיתוב: הלוח הולך אחריהן.</translation>
    </message>
    <message>
        <source>A part that is joined to nothing falls off. Press one of the buttons below the finding: it mends it.</source>
        <translation>חתיכה שאינה מחוברת לדבר נופלת. לחצו על אחד הכפתורים שמתחת לממצא: הוא מתקן.</translation>
    </message>
    <message>
        <source>Tick a format in Output and press “Write what is ticked”. Files are written whole, or not at all.</source>
        <translation>סמנו תבנית בפלט ולחצו על „כתיבת המסומן”. קבצים נכתבים שלמים, או לא נכתבים.</translation>
    </message>
    <message>
        <source>Next step</source>
        <translation>הצעד הבא</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>סיום</translation>
    </message>
</context>
<context>
    <name>bollard::app::FlatView</name>
    <message>
        <source>Turn a tie</source>
        <translation>סיבוב קשירה</translation>
    </message>
    <message>
        <source>Move a tie</source>
        <translation>הזזת קשירה</translation>
    </message>
    <message>
        <source>Put a tie</source>
        <translation>הנחת קשירה</translation>
    </message>
    <message>
        <source>Take a tie away</source>
        <translation>הסרת קשירה</translation>
    </message>
    <message>
        <source>Flat view</source>
        <translation>תצוגה שטוחה</translation>
    </message>
    <message>
        <source>Arrow keys move the selected words by 1 mm, with Shift by 0.1; F2 writes in place. Alt and left or right choose a letter, which the arrow keys then nudge. Hold M to measure.</source>
        <translation>מקשי החצים מזיזים את המילים הנבחרות ב־1 מ״מ, עם Shift ב־0.1; F2 כותב במקום. Alt ושמאלה או ימינה בוחרים אות, שהחצים מזיזים. החזיקו M למדידה.</translation>
    </message>
    <message>
        <source>Move the seam</source>
        <translation>הזזת התפר</translation>
    </message>
    <message>
        <source>No words yet: add an inscription under Lettering.</source>
        <translation>אין עדיין מילים: הוסיפו כתובת תחת כיתוב.</translation>
    </message>
    <message>
        <source>Move words</source>
        <translation>הזזת מילים</translation>
    </message>
    <message>
        <source>Bend the line</source>
        <translation>כיפוף הקו</translation>
    </message>
    <message>
        <source>Nudge letters</source>
        <translation>הזזת אותיות</translation>
    </message>
    <message>
        <source>Size ornament</source>
        <translation>גודל העיטור</translation>
    </message>
    <message>
        <source>Size words</source>
        <translation>גודל המילים</translation>
    </message>
    <message>
        <source>Turn words</source>
        <translation>סיבוב מילים</translation>
    </message>
    <message>
        <source>%1 (across %2, up %3)</source>
        <translation>%1 (לרוחב %2, למעלה %3)</translation>
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
        <translation>הקלדה</translation>
    </message>
</context>
<context>
    <name>bollard::app::Gauge</name>
    <message>
        <source>Gauge</source>
        <translation>מד</translation>
    </message>
    <message>
        <source>The thinnest stroke is %1 mm wide.</source>
        <translation>רוחב הקו הדק ביותר %1 מ״מ.</translation>
    </message>
    <message>
        <source>strokes</source>
        <translation>קווים</translation>
    </message>
    <message>
        <source>gaps</source>
        <translation>רווחים</translation>
    </message>
    <message>
        <source> mm +</source>
        <translation> מ״מ +</translation>
    </message>
    <message>
        <source>Change a limit</source>
        <translation>שינוי גבול</translation>
    </message>
</context>
<context>
    <name>bollard::app::HelpPanel</name>
    <message>
        <source>Contents</source>
        <translation>תוכן</translation>
    </message>
    <message>
        <source>Search the help</source>
        <translation>חיפוש בעזרה</translation>
    </message>
    <message>
        <source>Places in the help</source>
        <translation>מקומות בעזרה</translation>
    </message>
    <message>
        <source>Page of the help</source>
        <translation>דף העזרה</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1 – %2</translation>
    </message>
    <message>
        <source>The help says nothing of “%1”. Try fewer or other words.</source>
        <translation>העזרה אינה אומרת דבר על „%1”. נסו פחות מילים, או אחרות.</translation>
    </message>
</context>
<context>
    <name>bollard::app::HolesTable</name>
    <message>
        <source>Add a hole</source>
        <translation>הוספת חור</translation>
    </message>
    <message>
        <source>Add hole</source>
        <translation>הוספת חור</translation>
    </message>
    <message>
        <source>Hole %1, %2</source>
        <translation>חור %1, %2</translation>
    </message>
    <message>
        <source>Change hole</source>
        <translation>שינוי חור</translation>
    </message>
    <message>
        <source>Remove hole %1</source>
        <translation>הסרת חור %1</translation>
    </message>
    <message>
        <source>Remove hole</source>
        <translation>הסרת חור</translation>
    </message>
    <message>
        <source>Hole %1, its kind</source>
        <translation>חור %1, סוגו</translation>
    </message>
    <message>
        <source>Change the kind of hole</source>
        <translation>שינוי סוג החור</translation>
    </message>
    <message>
        <source>long</source>
        <translation>ארוך</translation>
    </message>
    <message>
        <source>length</source>
        <translation>אורך</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>חרוט במחרטה</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>סיבוב</translation>
    </message>
    <message>
        <source>head ⌀</source>
        <translation>ראש ⌀</translation>
    </message>
    <message>
        <source>head</source>
        <translation>ראש</translation>
    </message>
    <message>
        <source>cone</source>
        <translation>חרוט</translation>
    </message>
    <message>
        <source>angle of its cone</source>
        <translation>זווית החרוט שלו</translation>
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
        <translation>הוכחה: ההדפס עד שכבה אחת, על הגוף</translation>
    </message>
    <message>
        <source>Arrow keys turn it; plus and minus zoom; Home fits.</source>
        <translation>מקשי החצים מסובבים אותו; פלוס ומינוס מקרבים ומרחיקים; Home מציג הכול.</translation>
    </message>
</context>
<context>
    <name>bollard::app::LayerCanvas</name>
    <message>
        <source>Proof: one layer of the print from above</source>
        <translation>הוכחה: שכבה אחת של ההדפס מלמעלה</translation>
    </message>
    <message>
        <source>No layers: there is nothing to print yet.</source>
        <translation>אין שכבות: אין עדיין מה להדפיס.</translation>
    </message>
</context>
<context>
    <name>bollard::app::LayersView</name>
    <message>
        <source>One layer down</source>
        <translation>שכבה אחת למטה</translation>
    </message>
    <message>
        <source>One layer up</source>
        <translation>שכבה אחת למעלה</translation>
    </message>
    <message>
        <source>Which layer is shown, from the bed upwards</source>
        <translation>איזו שכבה מוצגת, מן המצע כלפי מעלה</translation>
    </message>
    <message>
        <source>Trouble below</source>
        <translation>בעיה מתחת</translation>
    </message>
    <message>
        <source>To the nearest layer below where something is lost or unheld</source>
        <translation>לשכבה הקרובה מתחת שבה משהו אבד או אינו נתמך</translation>
    </message>
    <message>
        <source>On the solid</source>
        <translation>על הגוף</translation>
    </message>
    <message>
        <source>Show the layers on the solid as it lies, else from above</source>
        <translation>הצגת השכבות על הגוף כפי שהוא שוכב, אחרת מלמעלה</translation>
    </message>
    <message>
        <source>Trouble above</source>
        <translation>בעיה מעל</translation>
    </message>
    <message>
        <source>To the nearest layer above where something is lost or unheld</source>
        <translation>לשכבה הקרובה מעל שבה משהו אבד או אינו נתמך</translation>
    </message>
    <message>
        <source>Cutting the part into layers…</source>
        <translation>חותך את החלק לשכבות…</translation>
    </message>
    <message>
        <source>Cutting the part into layers… %1 %</source>
        <translation>חותך את החלק לשכבות… %1 %</translation>
    </message>
    <message>
        <source>No layers: nothing is printed.</source>
        <translation>אין שכבות: דבר אינו מודפס.</translation>
    </message>
    <message numerus="yes">
        <source>%n layer(s)</source>
        <translation>
            <numerusform>שכבה %n</numerusform>
            <numerusform>%n שכבות</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 cm³</source>
        <translation>%1 סמ״ק</translation>
    </message>
    <message>
        <source>roughly %1 min</source>
        <translation>כ־%1 דק׳</translation>
    </message>
    <message>
        <source>the letters&apos; colour above %1</source>
        <translation>צבע האותיות מעל %1</translation>
    </message>
    <message>
        <source>the blank&apos;s colour above %1</source>
        <translation>צבע הגלם מעל %1</translation>
    </message>
    <message>
        <source>both colours in one layer: two nozzles</source>
        <translation>שני הצבעים בשכבה אחת: שני נחירים</translation>
    </message>
    <message>
        <source>the largest lost %1 mm²</source>
        <translation>האובדן הגדול ביותר %1 ממ״ר</translation>
    </message>
    <message>
        <source>nothing is lost</source>
        <translation>דבר אינו אובד</translation>
    </message>
    <message>
        <source>something begins in the air</source>
        <translation>משהו מתחיל באוויר</translation>
    </message>
    <message>
        <source>layer %1 of %2</source>
        <translation>שכבה %1 מתוך %2</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 עד %2</translation>
    </message>
    <message>
        <source>%1 mm²</source>
        <translation>%1 ממ״ר</translation>
    </message>
    <message>
        <source>lines %1 m</source>
        <translation>קווים %1 מ׳</translation>
    </message>
    <message>
        <source>%1 of wall between letters and blank</source>
        <translation>%1 של דופן בין אותיות לגלם</translation>
    </message>
    <message numerus="yes">
        <source>lost in %n place(s)</source>
        <translation>
            <numerusform>אבד במקום %n</numerusform>
            <numerusform>אבד ב־%n מקומות</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>hangs over in %n place(s)</source>
        <translation>
            <numerusform>שלוחה במקום %n</numerusform>
            <numerusform>שלוחה ב־%n מקומות</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>begins in the air in %n place(s)</source>
        <translation>
            <numerusform>מתחיל באוויר במקום %n</numerusform>
            <numerusform>מתחיל באוויר ב־%n מקומות</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bollard::app::LetteringStation</name>
    <message>
        <source>Words</source>
        <translation>מילים</translation>
    </message>
    <message>
        <source>Typing</source>
        <translation>הקלדה</translation>
    </message>
    <message>
        <source>Typeface</source>
        <translation>גופן</translation>
    </message>
    <message>
        <source>bold</source>
        <translation>מודגש</translation>
    </message>
    <message>
        <source>italic</source>
        <translation>נטוי</translation>
    </message>
    <message>
        <source>Emphasis</source>
        <translation>הדגשה</translation>
    </message>
    <message>
        <source>Size by</source>
        <translation>גודל לפי</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>גודל</translation>
    </message>
    <message>
        <source>Line width</source>
        <translation>רוחב קו</translation>
    </message>
    <message>
        <source>How wide the lines of a single-line typeface are drawn, or cut when scribed</source>
        <translation>כמה רחבים קווי גופן קו יחיד בשרטוט, או בחיתוך חרוט</translation>
    </message>
    <message>
        <source>Line ends</source>
        <translation>קצות קו</translation>
    </message>
    <message>
        <source>round</source>
        <translation>עגול</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>שטוח</translation>
    </message>
    <message>
        <source>square</source>
        <translation>מרובע</translation>
    </message>
    <message>
        <source>Change stroke ends</source>
        <translation>שינוי קצות הקווים</translation>
    </message>
    <message>
        <source>Letter space</source>
        <translation>רווח אותיות</translation>
    </message>
    <message>
        <source>Word space</source>
        <translation>רווח מילים</translation>
    </message>
    <message>
        <source>word</source>
        <translation>מילה</translation>
    </message>
    <message>
        <source>Line space</source>
        <translation>רווח שורות</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>שורות</translation>
    </message>
    <message>
        <source>left</source>
        <translation>שמאל</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>מרכז</translation>
    </message>
    <message>
        <source>right</source>
        <translation>ימין</translation>
    </message>
    <message>
        <source>Align lines</source>
        <translation>יישור שורות</translation>
    </message>
    <message>
        <source>Cuts out what stands above it in the list</source>
        <translation>חותך החוצה את מה שמעליו ברשימה</translation>
    </message>
    <message>
        <source>Cut out</source>
        <translation>חיתוך החוצה</translation>
    </message>
    <message>
        <source>Shape of the letters</source>
        <translation>צורת האותיות</translation>
    </message>
    <message>
        <source>Centreline of this typeface</source>
        <translation>קו אמצע של הגופן הזה</translation>
    </message>
    <message>
        <source>The middle lines of its strokes, as a single-line typeface</source>
        <translation>קווי האמצע של קוויו, כגופן קו יחיד</translation>
    </message>
    <message>
        <source>Centreline</source>
        <translation>קו אמצע</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>רוחב</translation>
    </message>
    <message>
        <source>Slant</source>
        <translation>הטיה</translation>
    </message>
    <message>
        <source>Weight change</source>
        <translation>שינוי משקל</translation>
    </message>
    <message>
        <source>Strokes grown on each side; below 0 they become lighter</source>
        <translation>הקווים גדלים בכל צד; מתחת ל־0 הם נעשים קלים</translation>
    </message>
    <message>
        <source>Dots joined by</source>
        <translation>נקודות מחוברות ב־</translation>
    </message>
    <message>
        <source>Dots are brought down until they hang together with their letter by so much; 0: they stay where they are</source>
        <translation>נקודות יורדות עד שהן מחוברות לאות שלהן במידה זו; 0: הן נשארות במקומן</translation>
    </message>
    <message>
        <source>Kerning: pairs closer as the typeface says</source>
        <translation>ריווח זוגות: זוגות קרובים יותר כפי שהגופן אומר</translation>
    </message>
    <message>
        <source>Kerning</source>
        <translation>ריווח זוגות</translation>
    </message>
    <message>
        <source>not checked</source>
        <translation>לא נבדק</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Spelling</source>
        <translation>איות</translation>
    </message>
    <message>
        <source>Language whose spelling is checked</source>
        <translation>שפה שאיותה נבדק</translation>
    </message>
    <message>
        <source>Change spelling</source>
        <translation>שינוי האיות</translation>
    </message>
    <message>
        <source>Goes round</source>
        <translation>מקיף</translation>
    </message>
    <message>
        <source>What the frame goes round</source>
        <translation>מה מקיפה המסגרת</translation>
    </message>
    <message>
        <source>Change what the frame goes round</source>
        <translation>שינוי מה שמקיפה המסגרת</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>צורה</translation>
    </message>
    <message>
        <source>Shape of the frame</source>
        <translation>צורת המסגרת</translation>
    </message>
    <message>
        <source>Change the frame&apos;s shape</source>
        <translation>שינוי צורת המסגרת</translation>
    </message>
    <message>
        <source>Form</source>
        <translation>מבנה</translation>
    </message>
    <message>
        <source>Form of the backing</source>
        <translation>מבנה התמיכה</translation>
    </message>
    <message>
        <source>Change the backing&apos;s form</source>
        <translation>שינוי מבנה התמיכה</translation>
    </message>
    <message>
        <source>Width outside</source>
        <translation>רוחב חיצוני</translation>
    </message>
    <message>
        <source>Height outside</source>
        <translation>גובה חיצוני</translation>
    </message>
    <message>
        <source>height</source>
        <translation>גובה</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>מרחק</translation>
    </message>
    <message>
        <source>Band width</source>
        <translation>רוחב הרצועה</translation>
    </message>
    <message>
        <source>Corner radius</source>
        <translation>רדיוס פינות</translation>
    </message>
    <message>
        <source>Least joint</source>
        <translation>חיבור מזערי</translation>
    </message>
    <message>
        <source>So wide at least each loose part is joined to a bar</source>
        <translation>כל חלק רופף מחובר לפס לפחות ברוחב זה</translation>
    </message>
    <message>
        <source>Length of posts</source>
        <translation>אורך הפינים</translation>
    </message>
    <message>
        <source>How far the bars stand clear of the side</source>
        <translation>כמה רחוקים הפסים מן הצד</translation>
    </message>
    <message>
        <source>Closes gaps</source>
        <translation>סוגר רווחים</translation>
    </message>
    <message>
        <source>Holes, and gaps between letters, narrower than this are filled</source>
        <translation>חורים, ורווחים בין אותיות, צרים מזה מתמלאים</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>קנה מידה</translation>
    </message>
    <message>
        <source>Width of lines</source>
        <translation>רוחב הקווים</translation>
    </message>
    <message>
        <source>Single letters</source>
        <translation>אותיות בודדות</translation>
    </message>
    <message>
        <source>Nudge letters</source>
        <translation>הזזת אותיות</translation>
    </message>
    <message>
        <source>Along</source>
        <translation>לאורך</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>הצידה</translation>
    </message>
    <message>
        <source>off</source>
        <translation>הצידה</translation>
    </message>
    <message>
        <source>Letter turn</source>
        <translation>סיבוב האות</translation>
    </message>
    <message>
        <source>Letter size</source>
        <translation>גודל האות</translation>
    </message>
    <message>
        <source>size</source>
        <translation>גודל</translation>
    </message>
    <message>
        <source>Space after</source>
        <translation>רווח אחרי</translation>
    </message>
    <message>
        <source>Clear all nudges</source>
        <translation>ביטול כל ההזזות</translation>
    </message>
    <message>
        <source>Typefaces</source>
        <translation>גופנים</translation>
    </message>
    <message>
        <source>Choose typeface</source>
        <translation>בחירת גופן</translation>
    </message>
    <message>
        <source>Change the measure of size</source>
        <translation>שינוי מידת הגודל</translation>
    </message>
    <message>
        <source>%1 (made)</source>
        <translation>%1 (מעובד)</translation>
    </message>
    <message>
        <source>The family has no such face; it is made of this one</source>
        <translation>למשפחה אין חתך כזה; הוא נעשה מזה</translation>
    </message>
    <message>
        <source>Add an inscription first</source>
        <translation>הוסיפו תחילה כתובת</translation>
    </message>
    <message>
        <source>Typeface: %1</source>
        <translation>גופן: %1</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>אורך</translation>
    </message>
    <message>
        <source>Diameter outside</source>
        <translation>קוטר חיצוני</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>עובי</translation>
    </message>
    <message>
        <source>Holds</source>
        <translation>מחזיק</translation>
    </message>
    <message>
        <source>Width of links</source>
        <translation>רוחב הקשרים</translation>
    </message>
    <message>
        <source>Bar width</source>
        <translation>רוחב הפסים</translation>
    </message>
    <message>
        <source>Reaches in</source>
        <translation>נכנס</translation>
    </message>
    <message>
        <source>nothing, its own size</source>
        <translation>כלום, הגודל שלו</translation>
    </message>
    <message>
        <source>Ctrl and a click on a letter, or Alt and the arrows on the board, choose letters to be nudged.</source>
        <translation>Ctrl ולחיצה על אות, או Alt והחצים על הלוח, בוחרים אותיות להזזה.</translation>
    </message>
    <message>
        <source>Nudged: %1</source>
        <translation>הוזזו: %1</translation>
    </message>
    <message>
        <source>Chosen: %1</source>
        <translation>נבחרו: %1</translation>
    </message>
    <message>
        <source>Clear these nudges</source>
        <translation>ביטול ההזזות האלה</translation>
    </message>
</context>
<context>
    <name>bollard::app::MainWindow</name>
    <message>
        <source>Unsaved work cannot be kept safe: %1</source>
        <translation>אי אפשר לשמור בבטחה עבודה שלא נשמרה: %1</translation>
    </message>
    <message>
        <source>&amp;Card</source>
        <translation>&amp;כרטיס</translation>
    </message>
    <message>
        <source>View</source>
        <translation>תצוגה</translation>
    </message>
    <message>
        <source>Flat</source>
        <translation>שטוח</translation>
    </message>
    <message>
        <source>Body</source>
        <translation>גוף</translation>
    </message>
    <message>
        <source>Proof</source>
        <translation>הוכחה</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>שורות</translation>
    </message>
    <message>
        <source>Both</source>
        <translation>שניהם</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>ביטול</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>ביצוע חוזר</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>יחידה</translation>
    </message>
    <message>
        <source>Change unit</source>
        <translation>שינוי יחידה</translation>
    </message>
    <message>
        <source>Write files</source>
        <translation>כתיבת קבצים</translation>
    </message>
    <message>
        <source>Mend all</source>
        <translation>תיקון הכול</translation>
    </message>
    <message>
        <source>These words hold fields; write them here.</source>
        <translation>במילים אלה יש שדות; כתבו אותן כאן.</translation>
    </message>
    <message>
        <source>New card</source>
        <translation>כרטיס חדש</translation>
    </message>
    <message>
        <source>Open…</source>
        <translation>פתיחה…</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>אחרונים</translation>
    </message>
    <message>
        <source>Start page</source>
        <translation>דף פתיחה</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>שמירה</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>שמירה בשם…</translation>
    </message>
    <message>
        <source>Keep as a starting card</source>
        <translation>שמירה ככרטיס התחלה</translation>
    </message>
    <message>
        <source>“%1” is on the start page now.</source>
        <translation>„%1” נמצא עכשיו בדף הפתיחה.</translation>
    </message>
    <message>
        <source>Take typefaces and the part along in the card</source>
        <translation>לקיחת גופנים והחלק בכרטיס</translation>
    </message>
    <message>
        <source>Print at true size…</source>
        <translation>הדפסה בגודל אמת…</translation>
    </message>
    <message>
        <source>Cut inscriptions</source>
        <translation>גזירת כתובות</translation>
    </message>
    <message>
        <source>Copy inscriptions</source>
        <translation>העתקת כתובות</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>הדבקה</translation>
    </message>
    <message>
        <source>Light or dark look</source>
        <translation>מראה בהיר או כהה</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>עזרה</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>יציאה</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>הממצא הבא</translation>
    </message>
    <message>
        <source>Mend the finding</source>
        <translation>תיקון הממצא</translation>
    </message>
    <message>
        <source>Write on the board</source>
        <translation>כתיבה על הלוח</translation>
    </message>
    <message>
        <source>Station %1</source>
        <translation>תחנה %1</translation>
    </message>
    <message>
        <source>Send to the machine</source>
        <translation>שליחה למכונה</translation>
    </message>
    <message>
        <source>· edited</source>
        <translation>· שונה</translation>
    </message>
    <message>
        <source>%1[*] – Bollard</source>
        <translation>%1[*] – Bollard</translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation>ביטול: %1</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>ביצוע חוזר: %1</translation>
    </message>
    <message>
        <source>QUAY 7</source>
        <translation>רציף 7</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>“%1” is open in another window too. What is saved last stays.</source>
        <translation>„%1” פתוח גם בחלון אחר. מה שנשמר אחרון נשאר.</translation>
    </message>
    <message>
        <source>Open a card</source>
        <translation>פתיחת כרטיס</translation>
    </message>
    <message>
        <source>Cards (*.bollard)</source>
        <translation>כרטיסים (*.bollard)</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>שמירה בשם אחר</translation>
    </message>
    <message>
        <source>Save over it</source>
        <translation>שמירה מעליו</translation>
    </message>
    <message>
        <source>“%1” was changed by someone else since it was opened here.</source>
        <translation>„%1” שונה בידי מישהו אחר מאז שנפתח כאן.</translation>
    </message>
    <message>
        <source>Open what is there</source>
        <translation>פתיחת מה שיש שם</translation>
    </message>
    <message>
        <source>“%1” is open in another window too.</source>
        <translation>„%1” פתוח גם בחלון אחר.</translation>
    </message>
    <message>
        <source>Save the card as</source>
        <translation>שמירת הכרטיס בשם</translation>
    </message>
    <message>
        <source>Replace it all the same</source>
        <translation>החלפה בכל זאת</translation>
    </message>
    <message>
        <source>The card carries nothing along again.</source>
        <translation>הכרטיס שוב אינו לוקח דבר.</translation>
    </message>
    <message>
        <source>The card takes no typeface along: those that come with Bollard are everywhere.</source>
        <translation>הכרטיס אינו לוקח גופן: אלה של בולארד בכל מקום.</translation>
    </message>
    <message numerus="yes">
        <source>The card takes %n typeface(s) along, %1.</source>
        <translation>
            <numerusform>הכרטיס לוקח גופן %n, %1.</numerusform>
            <numerusform>הכרטיס לוקח %n גופנים, %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>The part&apos;s file comes along, %1.</source>
        <translation>קובץ החלק בא עמו, %1.</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>ב־„%1” יש שינויים שלא נשמרו.</translation>
    </message>
    <message>
        <source>Save them</source>
        <translation>לשמור אותם</translation>
    </message>
    <message>
        <source>Drop them</source>
        <translation>לוותר עליהם</translation>
    </message>
    <message>
        <source>Stay here</source>
        <translation>להישאר כאן</translation>
    </message>
    <message>
        <source>As it was before the last mend, while B is held.</source>
        <translation>כפי שהיה לפני התיקון האחרון, כל עוד B מוחזק.</translation>
    </message>
    <message>
        <source>Open a font file</source>
        <translation>פתיחת קובץ גופן</translation>
    </message>
    <message>
        <source>Fonts (*.ttf *.otf *.ttc *.otc *.woff *.woff2 *.svg *.jhf)</source>
        <translation>גופנים (*.ttf *.otf *.ttc *.otc *.woff *.woff2 *.svg *.jhf)</translation>
    </message>
    <message>
        <source>Add an inscription first; then the typeface can be given to it.</source>
        <translation>הוסיפו תחילה כתובת; אז אפשר לתת לה את הגופן.</translation>
    </message>
    <message>
        <source>Choose typeface</source>
        <translation>בחירת גופן</translation>
    </message>
    <message>
        <source>Read rows</source>
        <translation>קריאת שורות</translation>
    </message>
    <message>
        <source>Tables (*.csv *.txt *.tsv)</source>
        <translation>טבלאות (*.csv *.txt *.tsv)</translation>
    </message>
    <message>
        <source>%1 has no rows: its first line names the fields, the next ones are the rows.</source>
        <translation>ב־%1 אין שורות: השורה הראשונה נותנת שמות לשדות, הבאות הן השורות.</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>גזירה</translation>
    </message>
    <message>
        <source>Keep them as words</source>
        <translation>להשאיר כמילים</translation>
    </message>
    <message>
        <source>A row each</source>
        <translation>שורה לכל אחת</translation>
    </message>
    <message>
        <source>A row each, the first line names the fields</source>
        <translation>שורה לכל אחת, הראשונה נותנת שמות לשדות</translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) were pasted. They can be rows instead: one part each.</source>
        <translation>
            <numerusform>שורה %n הודבקה. היא יכולה להיות שורת נתונים.</numerusform>
            <numerusform>%n שורות הודבקו. הן יכולות להיות שורות נתונים: חלק לכל אחת.</numerusform>
        </translation>
    </message>
    <message>
        <source>name</source>
        <translation>שם</translation>
    </message>
    <message>
        <source>field %1</source>
        <translation>שדה %1</translation>
    </message>
    <message>
        <source>Take rows</source>
        <translation>קבלת שורות</translation>
    </message>
    <message>
        <source>Read a drawing</source>
        <translation>קריאת שרטוט</translation>
    </message>
    <message>
        <source>Drawings (*.svg *.dxf)</source>
        <translation>שרטוטים (*.svg *.dxf)</translation>
    </message>
    <message>
        <source>Drawings and pictures (*.svg *.dxf *.png *.jpg *.jpeg)</source>
        <translation>שרטוטים ותמונות (*.svg *.dxf *.png *.jpg *.jpeg)</translation>
    </message>
    <message>
        <source>Choose a part</source>
        <translation>בחירת חלק</translation>
    </message>
    <message>
        <source>Parts (%1)</source>
        <translation>חלקים (%1)</translation>
    </message>
    <message>
        <source>Take a part from a file</source>
        <translation>לקיחת חלק מקובץ</translation>
    </message>
    <message>
        <source>Click the side that words are to lie on; Escape leaves.</source>
        <translation>לחצו על הצד שבו יהיו המילים; Escape מבטל.</translation>
    </message>
    <message>
        <source>Click the face that the print is to lie on; Escape leaves.</source>
        <translation>לחצו על הפאה שעליה ישכב ההדפס; Escape מבטל.</translation>
    </message>
    <message>
        <source>Change the lying position</source>
        <translation>שינוי תנוחת ההדפס</translation>
    </message>
    <message>
        <source>Trace %1</source>
        <translation>העתקת קווים של %1</translation>
    </message>
    <message>
        <source>“%1” does not tell its unit. What is 1 in it?</source>
        <translation>„%1” אינו אומר את יחידתו. מה הוא 1 בתוכו?</translation>
    </message>
    <message>
        <source>1 mm</source>
        <translation>1 מ״מ</translation>
    </message>
    <message>
        <source>1 inch</source>
        <translation>אינץ׳ 1</translation>
    </message>
    <message>
        <source>1/96 inch</source>
        <translation>1/96 אינץ׳</translation>
    </message>
    <message>
        <source>Reading “%1”…</source>
        <translation>קורא את „%1”…</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>עצירה</translation>
    </message>
    <message>
        <source>Take the line from a drawing</source>
        <translation>לקיחת הקו משרטוט</translation>
    </message>
    <message>
        <source>“%1” holds no closed shape that could be an outline.</source>
        <translation>„%1” אינו מכיל צורה סגורה שתוכל להיות קו מתאר.</translation>
    </message>
    <message>
        <source>Take the outline from a drawing</source>
        <translation>לקיחת קו המתאר משרטוט</translation>
    </message>
    <message>
        <source>“%1” holds no line that could be a profile.</source>
        <translation>„%1” אינו מכיל קו שיוכל להיות פרופיל.</translation>
    </message>
    <message>
        <source>Take the profile from a drawing</source>
        <translation>לקיחת הפרופיל משרטוט</translation>
    </message>
    <message>
        <source>Add ornament</source>
        <translation>הוספת עיטור</translation>
    </message>
    <message numerus="yes">
        <source>%n text(s), which must be turned into curves first</source>
        <translation>
            <numerusform>טקסט %n, שיש להפוך קודם לעקומות</numerusform>
            <numerusform>%n טקסטים, שיש להפוך קודם לעקומות</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n picture(s), dimension(s) or fill(s)</source>
        <translation>
            <numerusform>תמונה, מידה או מילוי: %n</numerusform>
            <numerusform>תמונות, מידות או מילויים: %n</numerusform>
        </translation>
    </message>
    <message>
        <source>Left out of “%1”: %2.</source>
        <translation>הושמט מ־„%1”: %2.</translation>
    </message>
    <message>
        <source>Drop one drawing at a time.</source>
        <translation>שחררו שרטוט אחד בכל פעם.</translation>
    </message>
    <message>
        <source>“%1” is already there.</source>
        <translation>„%1” כבר קיים.</translation>
    </message>
    <message>
        <source>These are already there: %1.</source>
        <translation>אלה כבר קיימים: %1.</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>להשאיר</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>להחליף</translation>
    </message>
    <message>
        <source>%1. Write it all the same?</source>
        <translation>%1. לכתוב בכל זאת?</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>חזרה</translation>
    </message>
    <message>
        <source>Write all the same</source>
        <translation>לכתוב בכל זאת</translation>
    </message>
    <message>
        <source>The solid is still being made; try again in a moment.</source>
        <translation>הגוף עדיין נבנה; נסו שוב עוד רגע.</translation>
    </message>
    <message>
        <source>Writing…</source>
        <translation>כותב…</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Written at %1: %2</source>
        <translation>נכתב ב־%1: %2</translation>
    </message>
    <message>
        <source>%1. Mend it, or accept it with a reason, which the sheet then tells.</source>
        <translation>%1. תקנו, או קבלו זאת בסיבה, שהדף יאמר אותה.</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>נכתב: %1</translation>
    </message>
    <message>
        <source>There is nothing to print yet.</source>
        <translation>אין עדיין מה להדפיס.</translation>
    </message>
    <message>
        <source>Findings: %1</source>
        <translation>ממצאים: %1</translation>
    </message>
    <message>
        <source>Preferences</source>
        <translation>העדפות</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>צעדים ראשונים</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>ממצאים</translation>
    </message>
</context>
<context>
    <name>bollard::app::MisspeltRow</name>
    <message>
        <source>“%1”?</source>
        <translation>„%1”?</translation>
    </message>
    <message>
        <source>Write “%1” for “%2”</source>
        <translation>לכתוב „%1” במקום „%2”</translation>
    </message>
    <message>
        <source>Correct the spelling</source>
        <translation>תיקון האיות</translation>
    </message>
    <message>
        <source>is right</source>
        <translation>נכון</translation>
    </message>
    <message>
        <source>Keep “%1” as a word of mine</source>
        <translation>לשמור את „%1” כמילה שלי</translation>
    </message>
</context>
<context>
    <name>bollard::app::NoticeBar</name>
    <message>
        <source>Message</source>
        <translation>הודעה</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>סגירה</translation>
    </message>
</context>
<context>
    <name>bollard::app::NumberField</name>
    <message>
        <source>Between %1 and %2 %3.</source>
        <translation>בין %1 ל־%2 %3.</translation>
    </message>
</context>
<context>
    <name>bollard::app::OperationsList</name>
    <message>
        <source>Operations, in the order in which they are done</source>
        <translation>פעולות, בסדר שבו הן נעשות</translation>
    </message>
    <message>
        <source>Add operation</source>
        <translation>הוספת פעולה</translation>
    </message>
    <message>
        <source>Do it earlier</source>
        <translation>לעשות מוקדם יותר</translation>
    </message>
    <message>
        <source>Do it later</source>
        <translation>לעשות מאוחר יותר</translation>
    </message>
    <message>
        <source>Take the operation away</source>
        <translation>הסרת הפעולה</translation>
    </message>
    <message>
        <source>Switch an operation</source>
        <translation>הפעלה או כיבוי של פעולה</translation>
    </message>
    <message>
        <source>Move operation</source>
        <translation>הזזת פעולה</translation>
    </message>
    <message>
        <source>Take operation away</source>
        <translation>הסרת פעולה</translation>
    </message>
</context>
<context>
    <name>bollard::app::OutputStation</name>
    <message>
        <source>What was written</source>
        <translation>מה נכתב</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>פתיחת התיקייה</translation>
    </message>
    <message>
        <source>Name of the files, without their endings</source>
        <translation>שם הקבצים, בלי סיומותיהם</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>שם</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>תיקייה</translation>
    </message>
    <message>
        <source>Write to</source>
        <translation>כתיבה אל</translation>
    </message>
    <message>
        <source>Write what is ticked</source>
        <translation>כתיבת המסומן</translation>
    </message>
    <message>
        <source>Write the job sheet</source>
        <translation>כתיבת דף העבודה</translation>
    </message>
    <message>
        <source>The files need a name, without a slash.</source>
        <translation>הקבצים צריכים שם, בלי לוכסן.</translation>
    </message>
    <message>
        <source>Send to the machine…</source>
        <translation>שליחה למכונה…</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>שורות</translation>
    </message>
    <message>
        <source>Rows for fields in the words</source>
        <translation>שורות לשדות שבמילים</translation>
    </message>
    <message>
        <source>none</source>
        <translation>אין</translation>
    </message>
    <message>
        <source>Counting field</source>
        <translation>שדה מונה</translation>
    </message>
    <message>
        <source>Field that counts the rows</source>
        <translation>שדה שסופר את השורות</translation>
    </message>
    <message>
        <source>Name the counting field</source>
        <translation>מתן שם לשדה המונה</translation>
    </message>
    <message>
        <source>Change the numbering</source>
        <translation>שינוי המספור</translation>
    </message>
    <message>
        <source>Starts at</source>
        <translation>מתחיל ב־</translation>
    </message>
    <message>
        <source>Steps by</source>
        <translation>בצעדים של</translation>
    </message>
    <message>
        <source>step</source>
        <translation>צעד</translation>
    </message>
    <message>
        <source>Digits</source>
        <translation>ספרות</translation>
    </message>
    <message>
        <source>No format is ticked.</source>
        <translation>שום תבנית אינה מסומנת.</translation>
    </message>
    <message>
        <source>Folder: %1</source>
        <translation>תיקייה: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n part(s)</source>
        <translation>
            <numerusform>חלק %n</numerusform>
            <numerusform>%n חלקים</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bollard::app::OverlayChoice</name>
    <message>
        <source>What is laid over the letters</source>
        <translation>מה מונח על האותיות</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>פשוט</translation>
    </message>
    <message>
        <source>widths</source>
        <translation>רוחבים</translation>
    </message>
    <message>
        <source>too narrow</source>
        <translation>צר מדי</translation>
    </message>
    <message>
        <source>pieces</source>
        <translation>חתיכות</translation>
    </message>
</context>
<context>
    <name>bollard::app::PartPanel</name>
    <message>
        <source>Point at a side</source>
        <translation>הצבעה על צד</translation>
    </message>
    <message>
        <source>or type a place on it: x, y, z</source>
        <translation>או הקלידו מקום עליו: x, y, z</translation>
    </message>
    <message>
        <source>A place on the side that words are to lie on, x, y and z</source>
        <translation>מקום על הצד שבו יהיו המילים, x, y ו־z</translation>
    </message>
    <message>
        <source>Click the side on the body; Escape leaves.</source>
        <translation>לחצו על הצד בגוף; Escape מבטל.</translation>
    </message>
    <message>
        <source>Choose the part&apos;s file…</source>
        <translation>בחירת קובץ החלק…</translation>
    </message>
    <message>
        <source>File of the part</source>
        <translation>קובץ החלק</translation>
    </message>
    <message>
        <source>Name of side %1</source>
        <translation>שם הצד %1</translation>
    </message>
    <message>
        <source>Each side needs a name of its own.</source>
        <translation>כל צד צריך שם משלו.</translation>
    </message>
    <message>
        <source>Name a side</source>
        <translation>מתן שם לצד</translation>
    </message>
    <message>
        <source>Turn what is up on “%1”</source>
        <translation>סיבוב מה שלמעלה ב־„%1”</translation>
    </message>
    <message>
        <source>Turn a side</source>
        <translation>סיבוב צד</translation>
    </message>
    <message>
        <source>Remove the side “%1”</source>
        <translation>הסרת הצד „%1”</translation>
    </message>
    <message>
        <source>Remove a side</source>
        <translation>הסרת צד</translation>
    </message>
    <message>
        <source>Three lengths, parted by commas: x, y, z.</source>
        <translation>שלושה אורכים, מופרדים בפסיקים: x, y, z.</translation>
    </message>
    <message>
        <source>Looking for the side…</source>
        <translation>מחפש את הצד…</translation>
    </message>
    <message>
        <source>That is “%1”.</source>
        <translation>זהו „%1”.</translation>
    </message>
    <message>
        <source>Add a side</source>
        <translation>הוספת צד</translation>
    </message>
    <message>
        <source>“%1”: %2. Words that are written now lie on it.</source>
        <translation>„%1”: %2. מילים שנכתבות עכשיו שוכבות עליו.</translation>
    </message>
</context>
<context>
    <name>bollard::app::PlacingStation</name>
    <message>
        <source>Words run</source>
        <translation>המילים הולכות</translation>
    </message>
    <message>
        <source>What line the words stand on</source>
        <translation>על איזה קו עומדות המילים</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>שינוי: %1</translation>
    </message>
    <message>
        <source>Radius</source>
        <translation>רדיוס</translation>
    </message>
    <message>
        <source>Read at the</source>
        <translation>נקרא ב־</translation>
    </message>
    <message>
        <source>top</source>
        <translation>למעלה</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>למטה</translation>
    </message>
    <message>
        <source>Change where words are read</source>
        <translation>שינוי מאין נקראות המילים</translation>
    </message>
    <message>
        <source>Letters</source>
        <translation>אותיות</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>חוץ</translation>
    </message>
    <message>
        <source>inside</source>
        <translation>פנים</translation>
    </message>
    <message>
        <source>Curve</source>
        <translation>עקומה</translation>
    </message>
    <message>
        <source>open</source>
        <translation>פתוחה</translation>
    </message>
    <message>
        <source>closed</source>
        <translation>סגורה</translation>
    </message>
    <message>
        <source>Off the line</source>
        <translation>מן הקו</translation>
    </message>
    <message>
        <source>Along the line</source>
        <translation>לאורך הקו</translation>
    </message>
    <message>
        <source>along</source>
        <translation>לאורך</translation>
    </message>
    <message>
        <source>Each letter</source>
        <translation>כל אות</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>מסתובבת</translation>
    </message>
    <message>
        <source>bends</source>
        <translation>מתכופפת</translation>
    </message>
    <message>
        <source>Letters turn as they are, or are bent with the line</source>
        <translation>אותיות מסתובבות כמות שהן, או מתכופפות עם הקו</translation>
    </message>
    <message>
        <source>Point before</source>
        <translation>הנקודה הקודמת</translation>
    </message>
    <message>
        <source>Next point</source>
        <translation>הנקודה הבאה</translation>
    </message>
    <message>
        <source>Add point</source>
        <translation>הוספת נקודה</translation>
    </message>
    <message>
        <source>Add a point after this one</source>
        <translation>הוספת נקודה אחרי זו</translation>
    </message>
    <message>
        <source>Add a point</source>
        <translation>הוספת נקודה</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>הסרה</translation>
    </message>
    <message>
        <source>Remove this point</source>
        <translation>הסרת הנקודה הזאת</translation>
    </message>
    <message>
        <source>Remove a point</source>
        <translation>הסרת נקודה</translation>
    </message>
    <message>
        <source>From file…</source>
        <translation>מקובץ…</translation>
    </message>
    <message>
        <source>Take the line from an SVG or DXF drawing</source>
        <translation>לקיחת הקו משרטוט SVG או DXF</translation>
    </message>
    <message>
        <source>Numbers of the chosen point</source>
        <translation>מספרי הנקודה הנבחרת</translation>
    </message>
    <message>
        <source>Point</source>
        <translation>נקודה</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>פינה</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>חלקה</translation>
    </message>
    <message>
        <source>Change a point</source>
        <translation>שינוי נקודה</translation>
    </message>
    <message>
        <source>Move a point</source>
        <translation>הזזת נקודה</translation>
    </message>
    <message>
        <source>Point across</source>
        <translation>נקודה לרוחב</translation>
    </message>
    <message>
        <source>Point up</source>
        <translation>נקודה למעלה</translation>
    </message>
    <message>
        <source>up</source>
        <translation>למעלה</translation>
    </message>
    <message>
        <source>Handle before, across</source>
        <translation>ידית לפני, לרוחב</translation>
    </message>
    <message>
        <source>Handle before, up</source>
        <translation>ידית לפני, למעלה</translation>
    </message>
    <message>
        <source>Handle after, across</source>
        <translation>ידית אחרי, לרוחב</translation>
    </message>
    <message>
        <source>Handle after, up</source>
        <translation>ידית אחרי, למעלה</translation>
    </message>
    <message>
        <source>Move a handle</source>
        <translation>הזזת ידית</translation>
    </message>
    <message>
        <source>Anchor</source>
        <translation>עוגן</translation>
    </message>
    <message>
        <source>top left</source>
        <translation>למעלה משמאל</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>למעלה מימין</translation>
    </message>
    <message>
        <source>left</source>
        <translation>שמאל</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>מרכז</translation>
    </message>
    <message>
        <source>right</source>
        <translation>ימין</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>למטה משמאל</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>למטה מימין</translation>
    </message>
    <message>
        <source>Anchor: %1</source>
        <translation>עוגן: %1</translation>
    </message>
    <message>
        <source>Hold the words at their %1</source>
        <translation>החזקת המילים ב: %1</translation>
    </message>
    <message>
        <source>Change anchor</source>
        <translation>שינוי העוגן</translation>
    </message>
    <message>
        <source>Across, x</source>
        <translation>לרוחב, x</translation>
    </message>
    <message>
        <source>Up, y</source>
        <translation>למעלה, y</translation>
    </message>
    <message>
        <source>up, y</source>
        <translation>למעלה, y</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>סיבוב</translation>
    </message>
    <message>
        <source>Words read</source>
        <translation>המילים נקראות</translation>
    </message>
    <message>
        <source>From where the words are read</source>
        <translation>מאין נקראות המילים</translation>
    </message>
    <message>
        <source>Change reading side</source>
        <translation>שינוי צד הקריאה</translation>
    </message>
    <message>
        <source>Goes</source>
        <translation>חלוקה</translation>
    </message>
    <message>
        <source>Whether letters or words go one by one to facets</source>
        <translation>אם אותיות או מילים הולכות אחת אחת לפאות</translation>
    </message>
    <message>
        <source>Change what goes to each facet</source>
        <translation>שינוי מה שהולך לכל פאה</translation>
    </message>
    <message>
        <source>on in a row</source>
        <translation>ברצף בשורה</translation>
    </message>
    <message>
        <source>a letter to each facet</source>
        <translation>אות לכל פאה</translation>
    </message>
    <message>
        <source>a word to each facet</source>
        <translation>מילה לכל פאה</translation>
    </message>
    <message>
        <source>Whether letters narrow as the side does or keep their shape</source>
        <translation>אם אותיות נעשות צרות כמו הצד או שומרות על צורתן</translation>
    </message>
    <message>
        <source>Change the shape of letters</source>
        <translation>שינוי צורת האותיות</translation>
    </message>
    <message>
        <source>narrow towards the ends</source>
        <translation>נעשות צרות לקראת הקצוות</translation>
    </message>
    <message>
        <source>keep their shape</source>
        <translation>שומרות על צורתן</translation>
    </message>
    <message>
        <source>Each turned by</source>
        <translation>כל אחד מסובב ב־</translation>
    </message>
    <message>
        <source>Parts round</source>
        <translation>חלקים מסביב</translation>
    </message>
    <message>
        <source>Side</source>
        <translation>צד</translation>
    </message>
    <message>
        <source>Side of the blank that the words lie on</source>
        <translation>צד הגלם שעליו שוכבות המילים</translation>
    </message>
    <message>
        <source>Change side</source>
        <translation>שינוי צד</translation>
    </message>
    <message>
        <source>Centre on the side</source>
        <translation>מרכוז בצד</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>שוליים</translation>
    </message>
    <message>
        <source>Change margin</source>
        <translation>שינוי השוליים</translation>
    </message>
    <message>
        <source>as wide as they are</source>
        <translation>ברוחבן</translation>
    </message>
    <message>
        <source>down to %1 % width</source>
        <translation>עד %1 % רוחב</translation>
    </message>
    <message>
        <source>Squeezed</source>
        <translation>דחוס</translation>
    </message>
    <message>
        <source>How narrow letters may be made to fit</source>
        <translation>כמה אפשר לדחוס אותיות כדי שייכנסו</translation>
    </message>
    <message>
        <source>Largest that fits</source>
        <translation>הגדול ביותר שנכנס</translation>
    </message>
    <message>
        <source>Arrange</source>
        <translation>סידור</translation>
    </message>
    <message>
        <source>the blank</source>
        <translation>הגלם</translation>
    </message>
    <message>
        <source>the margin</source>
        <translation>השוליים</translation>
    </message>
    <message>
        <source>the one chosen last</source>
        <translation>זה שנבחר אחרון</translation>
    </message>
    <message>
        <source>In line with</source>
        <translation>מיושר עם</translation>
    </message>
    <message>
        <source>What the inscriptions are put in line with</source>
        <translation>עם מה מיושרות הכתובות</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>אמצע</translation>
    </message>
    <message>
        <source>spread across</source>
        <translation>מפוזרות לרוחב</translation>
    </message>
    <message>
        <source>spread up</source>
        <translation>מפוזרות למעלה</translation>
    </message>
    <message>
        <source>Arrange: %1</source>
        <translation>סידור: %1</translation>
    </message>
    <message>
        <source>Same size as the last</source>
        <translation>אותו גודל כמו האחרון</translation>
    </message>
    <message>
        <source>Same size</source>
        <translation>אותו גודל</translation>
    </message>
    <message>
        <source>Put the seam across from these words</source>
        <translation>הנחת התפר מול המילים האלה</translation>
    </message>
    <message>
        <source>Move the seam</source>
        <translation>הזזת התפר</translation>
    </message>
    <message>
        <source>Copy this side to the others</source>
        <translation>העתקת הצד הזה לאחרים</translation>
    </message>
    <message>
        <source>Copy a side to the others</source>
        <translation>העתקת צד לאחרים</translation>
    </message>
    <message>
        <source>Shift and a click, on the board or a slip, chooses several.</source>
        <translation>Shift ולחיצה, על הלוח או על פתק, בוחרים כמה.</translation>
    </message>
    <message>
        <source>Change the line of the words</source>
        <translation>שינוי קו המילים</translation>
    </message>
    <message>
        <source>No size fits here: the anchor lies outside the margin, or there is no blank.</source>
        <translation>שום גודל אינו נכנס כאן: העוגן מחוץ לשוליים, או שאין גלם.</translation>
    </message>
    <message>
        <source>The words changed meanwhile; nothing was done.</source>
        <translation>המילים השתנו בינתיים; דבר לא נעשה.</translation>
    </message>
    <message>
        <source>Take the group apart</source>
        <translation>פירוק הקבוצה</translation>
    </message>
    <message>
        <source>Make a group</source>
        <translation>יצירת קבוצה</translation>
    </message>
    <message>
        <source>point %1 of %2</source>
        <translation>נקודה %1 מתוך %2</translation>
    </message>
    <message>
        <source>%1 points</source>
        <translation>%1 נקודות</translation>
    </message>
</context>
<context>
    <name>bollard::app::PlanCanvas</name>
    <message>
        <source>Plus and minus zoom; Home shows all of it.</source>
        <translation>פלוס ומינוס מקרבים ומרחיקים; Home מציג הכול.</translation>
    </message>
</context>
<context>
    <name>bollard::app::PlanPanel</name>
    <message>
        <source>The part with all mends made</source>
        <translation>החלק עם כל התיקונים</translation>
    </message>
    <message>
        <source>Mend all of it</source>
        <translation>לתקן הכול</translation>
    </message>
    <message>
        <source>Leave it as it is</source>
        <translation>להשאיר כפי שהוא</translation>
    </message>
    <message>
        <source>Mends are tried, one after the other…</source>
        <translation>תיקונים נבדקים, זה אחר זה…</translation>
    </message>
    <message>
        <source>Nothing stops.</source>
        <translation>דבר אינו מונע.</translation>
    </message>
    <message>
        <source>With this nothing stops any more:</source>
        <translation>בזה דבר אינו מונע עוד:</translation>
    </message>
    <message>
        <source>What stops cannot be mended here:</source>
        <translation>את המונע אי אפשר לתקן כאן:</translation>
    </message>
    <message>
        <source>Some of it can be mended, not all:</source>
        <translation>חלק ניתן לתיקון, לא הכול:</translation>
    </message>
    <message>
        <source>Still stops: %1, %2</source>
        <translation>עדיין מונע: %1, %2</translation>
    </message>
    <message>
        <source>No mend is known for it.</source>
        <translation>לא ידוע תיקון לכך.</translation>
    </message>
    <message>
        <source>Tried in vain: %1.</source>
        <translation>נוסה לשווא: %1.</translation>
    </message>
    <message>
        <source>Mend what can be mended</source>
        <translation>לתקן מה שניתן</translation>
    </message>
    <message>
        <source>Mend all</source>
        <translation>תיקון הכול</translation>
    </message>
</context>
<context>
    <name>bollard::app::PreferencesPanel</name>
    <message>
        <source>As the system</source>
        <translation>כמו המערכת</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>שפה</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>מראה</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>כמו שולחן העבודה</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>בהיר</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>כהה</translation>
    </message>
    <message>
        <source>High contrast, light</source>
        <translation>ניגודיות גבוהה, בהיר</translation>
    </message>
    <message>
        <source>High contrast, dark</source>
        <translation>ניגודיות גבוהה, כהה</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation>גודל הטקסט</translation>
    </message>
    <message>
        <source>Unit of new cards</source>
        <translation>יחידה של כרטיסים חדשים</translation>
    </message>
    <message>
        <source>Begins with</source>
        <translation>מתחיל ב</translation>
    </message>
    <message>
        <source>The start page</source>
        <translation>דף הפתיחה</translation>
    </message>
    <message>
        <source>The card of last time</source>
        <translation>הכרטיס של הפעם הקודמת</translation>
    </message>
    <message>
        <source>Only when you say so</source>
        <translation>רק כשאומרים</translation>
    </message>
    <message numerus="yes">
        <source>%n minute(s) after a change</source>
        <translation>
            <numerusform>דקה (%n) אחרי שינוי</numerusform>
            <numerusform>%n דקות אחרי שינוי</numerusform>
        </translation>
    </message>
    <message>
        <source>Saves a card</source>
        <translation>שומר כרטיס</translation>
    </message>
    <message>
        <source>Files go</source>
        <translation>קבצים הולכים</translation>
    </message>
    <message>
        <source>Beside the card</source>
        <translation>לצד הכרטיס</translation>
    </message>
    <message>
        <source>Where files go</source>
        <translation>לאן הולכים קבצים</translation>
    </message>
    <message>
        <source>Where Bollard keeps its data</source>
        <translation>היכן Bollard שומר את נתוניו</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>פתיחת התיקייה</translation>
    </message>
    <message>
        <source>beside the card</source>
        <translation>לצד הכרטיס</translation>
    </message>
    <message>
        <source>Files go: %1</source>
        <translation>קבצים הולכים: %1</translation>
    </message>
    <message>
        <source>Forget %1</source>
        <translation>לשכוח את %1</translation>
    </message>
    <message>
        <source>Limits, machines and tools of your own</source>
        <translation>גבולות, מכונות וכלים משלך</translation>
    </message>
    <message>
        <source>Limits: %1</source>
        <translation>גבולות: %1</translation>
    </message>
    <message>
        <source>Machine: %1</source>
        <translation>מכונה: %1</translation>
    </message>
    <message>
        <source>Tool: %1</source>
        <translation>כלי: %1</translation>
    </message>
    <message>
        <source>None yet. “Keep as” in Process keeps them for all cards.</source>
        <translation>עוד אין. „שמירה בשם” שבתהליך שומרת אותם לכל הכרטיסים.</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProcessStation</name>
    <message>
        <source>Cutting</source>
        <translation>חיתוך</translation>
    </message>
    <message>
        <source>Tool of the rack for the operation</source>
        <translation>כלי מן המתלה לפעולה</translation>
    </message>
    <message>
        <source>From the rack</source>
        <translation>מן המתלה</translation>
    </message>
    <message>
        <source>Change tool</source>
        <translation>שינוי כלי</translation>
    </message>
    <message>
        <source>Tool</source>
        <translation>כלי</translation>
    </message>
    <message>
        <source>Tool of the operation</source>
        <translation>כלי הפעולה</translation>
    </message>
    <message>
        <source>Diameter</source>
        <translation>קוטר</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>זווית</translation>
    </message>
    <message>
        <source>Flat of the tip</source>
        <translation>משטח החוד</translation>
    </message>
    <message>
        <source>Kerf</source>
        <translation>רוחב חתך</translation>
    </message>
    <message>
        <source>Cuts as deep as</source>
        <translation>חותך לעומק</translation>
    </message>
    <message>
        <source>as designed</source>
        <translation>כפי שתוכנן</translation>
    </message>
    <message>
        <source>all at once, or the rack&apos;s</source>
        <translation>בבת אחת, או כמו במתלה</translation>
    </message>
    <message>
        <source>worked out</source>
        <translation>מחושב</translation>
    </message>
    <message>
        <source>none</source>
        <translation>אין</translation>
    </message>
    <message>
        <source>the rack&apos;s</source>
        <translation>כמו במתלה</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>עומק</translation>
    </message>
    <message>
        <source>Deepest</source>
        <translation>הכי עמוק</translation>
    </message>
    <message>
        <source>At a time</source>
        <translation>בכל פעם</translation>
    </message>
    <message>
        <source>Step over</source>
        <translation>צעד לצד</translation>
    </message>
    <message>
        <source>Tabs</source>
        <translation>קשירות</translation>
    </message>
    <message>
        <source>A tab every</source>
        <translation>קשירה כל</translation>
    </message>
    <message>
        <source>Feed</source>
        <translation>הזנה</translation>
    </message>
    <message>
        <source>Plunge</source>
        <translation>ירידה</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>מהירות</translation>
    </message>
    <message>
        <source>Clearance</source>
        <translation>מרווח בטוח</translation>
    </message>
    <message>
        <source>Lead</source>
        <translation>כניסה</translation>
    </message>
    <message>
        <source>The way into the cut</source>
        <translation>הדרך אל החיתוך</translation>
    </message>
    <message>
        <source>Change lead</source>
        <translation>שינוי הכניסה</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>ישר</translation>
    </message>
    <message>
        <source>in an arc</source>
        <translation>בקשת</translation>
    </message>
    <message>
        <source>Lead length</source>
        <translation>אורך הכניסה</translation>
    </message>
    <message>
        <source>Goes down</source>
        <translation>יורד</translation>
    </message>
    <message>
        <source>How the tool goes down into full material</source>
        <translation>איך הכלי יורד לתוך חומר מלא</translation>
    </message>
    <message>
        <source>Change the way down</source>
        <translation>שינוי הירידה</translation>
    </message>
    <message>
        <source>along the way</source>
        <translation>לאורך הדרך</translation>
    </message>
    <message>
        <source>in circles</source>
        <translation>בעיגולים</translation>
    </message>
    <message>
        <source>In straight ways side by side</source>
        <translation>בדרכים ישרות זו לצד זו</translation>
    </message>
    <message>
        <source>Only what wider tools left</source>
        <translation>רק מה שכלים רחבים השאירו</translation>
    </message>
    <message>
        <source>Letter by letter, as it is read</source>
        <translation>אות אחר אות, כסדר הקריאה</translation>
    </message>
    <message>
        <source>On the back</source>
        <translation>בגב</translation>
    </message>
    <message>
        <source>From</source>
        <translation>מן</translation>
    </message>
    <message>
        <source>To</source>
        <translation>עד</translation>
    </message>
    <message>
        <source>Scallop</source>
        <translation>רכס</translation>
    </message>
    <message>
        <source>Ways</source>
        <translation>דרכים</translation>
    </message>
    <message>
        <source>Which way the raster goes</source>
        <translation>לאיזה כיוון הולכת הסריקה</translation>
    </message>
    <message>
        <source>Change the way of the raster</source>
        <translation>שינוי כיוון הסריקה</translation>
    </message>
    <message>
        <source>along the bar</source>
        <translation>לאורך המוט</translation>
    </message>
    <message>
        <source>round it</source>
        <translation>סביבו</translation>
    </message>
    <message>
        <source>All ways the same way</source>
        <translation>כל הדרכים באותו כיוון</translation>
    </message>
    <message>
        <source>Depth along</source>
        <translation>עומק לאורך</translation>
    </message>
    <message>
        <source>How depths are measured from above</source>
        <translation>איך נמדדים עומקים מלמעלה</translation>
    </message>
    <message>
        <source>Change how depths are measured</source>
        <translation>שינוי מדידת העומקים</translation>
    </message>
    <message>
        <source>the side&apos;s normal</source>
        <translation>הניצב לצד</translation>
    </message>
    <message>
        <source>z</source>
        <translation>z</translation>
    </message>
    <message>
        <source>Stock margin</source>
        <translation>שולי החומר</translation>
    </message>
    <message>
        <source>Stock thickness</source>
        <translation>עובי החומר</translation>
    </message>
    <message>
        <source>as thick as the blank</source>
        <translation>עבה כמו הגלם</translation>
    </message>
    <message>
        <source>Bar across</source>
        <translation>רוחב המוט</translation>
    </message>
    <message>
        <source>as the blank</source>
        <translation>כמו הגלם</translation>
    </message>
    <message>
        <source>Bar length</source>
        <translation>אורך המוט</translation>
    </message>
    <message>
        <source>Bar before</source>
        <translation>מוט לפני</translation>
    </message>
    <message>
        <source>as it is held</source>
        <translation>כפי שהוא מוחזק</translation>
    </message>
    <message>
        <source>Chuck</source>
        <translation>תפסנית</translation>
    </message>
    <message>
        <source>Which end of the bar the chuck holds</source>
        <translation>איזה קצה של המוט מחזיקה התפסנית</translation>
    </message>
    <message>
        <source>Change the chuck</source>
        <translation>שינוי התפסנית</translation>
    </message>
    <message>
        <source>at the start</source>
        <translation>בתחילה</translation>
    </message>
    <message>
        <source>at the end</source>
        <translation>בסוף</translation>
    </message>
    <message>
        <source>Chuck reaches</source>
        <translation>הישג התפסנית</translation>
    </message>
    <message>
        <source>Where the machine&apos;s zero lies on the stock</source>
        <translation>היכן אפס המכונה על החומר</translation>
    </message>
    <message>
        <source>Zero at</source>
        <translation>אפס ב־</translation>
    </message>
    <message>
        <source>Move the zero</source>
        <translation>הזזת האפס</translation>
    </message>
    <message>
        <source>Zero on</source>
        <translation>אפס על</translation>
    </message>
    <message>
        <source>At what height the machine&apos;s zero lies</source>
        <translation>באיזה גובה אפס המכונה</translation>
    </message>
    <message>
        <source>Machine that cuts it</source>
        <translation>המכונה שחותכת</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>מכונה</translation>
    </message>
    <message>
        <source>Fastest in the air</source>
        <translation>הכי מהר באוויר</translation>
    </message>
    <message>
        <source>Fastest cut</source>
        <translation>החיתוך המהיר ביותר</translation>
    </message>
    <message>
        <source>Acceleration</source>
        <translation>תאוצה</translation>
    </message>
    <message>
        <source>Spindle from</source>
        <translation>ציר מן</translation>
    </message>
    <message>
        <source>Spindle to</source>
        <translation>ציר עד</translation>
    </message>
    <message>
        <source>Reaches along x</source>
        <translation>הישג לאורך x</translation>
    </message>
    <message>
        <source>Reaches along y</source>
        <translation>הישג לאורך y</translation>
    </message>
    <message>
        <source>Reaches along z</source>
        <translation>הישג לאורך z</translation>
    </message>
    <message>
        <source>not told</source>
        <translation>לא נאמר</translation>
    </message>
    <message>
        <source>Rotary axis</source>
        <translation>ציר מסתובב</translation>
    </message>
    <message>
        <source>The axis that turns the bar</source>
        <translation>הציר שמסובב את המוט</translation>
    </message>
    <message>
        <source>Change the rotary axis</source>
        <translation>שינוי הציר המסתובב</translation>
    </message>
    <message>
        <source>none: from above</source>
        <translation>אין: מלמעלה</translation>
    </message>
    <message>
        <source>Bar along</source>
        <translation>מוט לאורך</translation>
    </message>
    <message>
        <source>Which axis of the machine the bar lies along</source>
        <translation>לאורך איזה ציר של המכונה שוכב המוט</translation>
    </message>
    <message>
        <source>Lay the bar otherwise</source>
        <translation>הנחת המוט אחרת</translation>
    </message>
    <message>
        <source>Feeds by</source>
        <translation>הזנה לפי</translation>
    </message>
    <message>
        <source>How feeds are told of moves that turn</source>
        <translation>איך נאמרת ההזנה של תנועות סיבוב</translation>
    </message>
    <message>
        <source>Change how feeds are told</source>
        <translation>שינוי אמירת ההזנה</translation>
    </message>
    <message>
        <source>time</source>
        <translation>זמן</translation>
    </message>
    <message>
        <source>degrees</source>
        <translation>מעלות</translation>
    </message>
    <message>
        <source>Turns at most</source>
        <translation>מסתובב לכל היותר</translation>
    </message>
    <message>
        <source>Turns from</source>
        <translation>מסתובב מן</translation>
    </message>
    <message>
        <source>Turns to</source>
        <translation>מסתובב עד</translation>
    </message>
    <message>
        <source>How files for the machine are written</source>
        <translation>איך נכתבים קבצים למכונה</translation>
    </message>
    <message>
        <source>Files with</source>
        <translation>קבצים עם</translation>
    </message>
    <message>
        <source>Change dialect</source>
        <translation>שינוי ניב</translation>
    </message>
    <message>
        <source>A file for each tool</source>
        <translation>קובץ לכל כלי</translation>
    </message>
    <message>
        <source>And a file that runs round it in the air</source>
        <translation>וקובץ שמקיף באוויר</translation>
    </message>
    <message>
        <source>a name of your own</source>
        <translation>שם משלכם</translation>
    </message>
    <message>
        <source>Kept. It is in the list for every card.</source>
        <translation>נשמר. הוא ברשימה לכל כרטיס.</translation>
    </message>
    <message>
        <source>Keep tool as</source>
        <translation>שמירת הכלי בשם</translation>
    </message>
    <message>
        <source>Name to keep this tool under</source>
        <translation>שם לשמירת הכלי הזה</translation>
    </message>
    <message>
        <source>Name the tool</source>
        <translation>מתן שם לכלי</translation>
    </message>
    <message>
        <source>Keep machine as</source>
        <translation>שמירת המכונה בשם</translation>
    </message>
    <message>
        <source>Name to keep this machine under</source>
        <translation>שם לשמירת המכונה הזאת</translation>
    </message>
    <message>
        <source>Name the machine</source>
        <translation>מתן שם למכונה</translation>
    </message>
    <message>
        <source>Change machine</source>
        <translation>שינוי מכונה</translation>
    </message>
    <message>
        <source>as told below</source>
        <translation>כפי שנאמר למטה</translation>
    </message>
    <message>
        <source>Lying and layers</source>
        <translation>תנוחה ושכבות</translation>
    </message>
    <message>
        <source>What the print lies on</source>
        <translation>על מה שוכב ההדפס</translation>
    </message>
    <message>
        <source>as it is drawn</source>
        <translation>כפי ששורטט</translation>
    </message>
    <message>
        <source>Lies on</source>
        <translation>שוכב על</translation>
    </message>
    <message>
        <source>Change the lying position</source>
        <translation>שינוי תנוחת ההדפס</translation>
    </message>
    <message>
        <source>Point at a face</source>
        <translation>הצבעה על פאה</translation>
    </message>
    <message>
        <source>Point at the face that the print is to lie on</source>
        <translation>הצבעה על הפאה שעליה ישכב ההדפס</translation>
    </message>
    <message>
        <source>Turned on the bed</source>
        <translation>מסובב על המצע</translation>
    </message>
    <message>
        <source>Process</source>
        <translation>תהליך</translation>
    </message>
    <message>
        <source>Change whether it is worn</source>
        <translation>שינוי אם נלבש</translation>
    </message>
    <message>
        <source>Limits for the selected words; below the first number it stops</source>
        <translation>גבולות למילים הנבחרות; מתחת למספר הראשון זה מונע</translation>
    </message>
    <message>
        <source>Limits from the process again</source>
        <translation>שוב גבולות התהליך</translation>
    </message>
    <message>
        <source>Limits from the process</source>
        <translation>גבולות התהליך</translation>
    </message>
    <message>
        <source>Name to keep this process under</source>
        <translation>שם לשמירת התהליך הזה</translation>
    </message>
    <message>
        <source>Keep as</source>
        <translation>שמירה בשם</translation>
    </message>
    <message>
        <source>Keep for other cards</source>
        <translation>שמירה לכרטיסים אחרים</translation>
    </message>
    <message>
        <source>Change a limit</source>
        <translation>שינוי גבול</translation>
    </message>
    <message>
        <source>watch</source>
        <translation>תשומת לב</translation>
    </message>
    <message>
        <source>Change process</source>
        <translation>שינוי תהליך</translation>
    </message>
    <message>
        <source>Kept. It is in the list above for every card.</source>
        <translation>נשמר. הוא ברשימה למעלה לכל כרטיס.</translation>
    </message>
    <message>
        <source>Name the process</source>
        <translation>מתן שם לתהליך</translation>
    </message>
    <message>
        <source>Forget %1</source>
        <translation>לשכוח את %1</translation>
    </message>
    <message>
        <source>%1, watch</source>
        <translation>%1, תשומת לב</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProfileCanvas</name>
    <message>
        <source>Profile of the turned blank</source>
        <translation>פרופיל הגלם המחורט</translation>
    </message>
    <message>
        <source>Drag points; double click puts one in. Keys: Page Up and Down choose a point, arrows move it, S makes it smooth or a corner, Delete takes it away.</source>
        <translation>גררו נקודות; לחיצה כפולה מוסיפה אחת. מקשים: Page Up ו־Down בוחרים נקודה, חצים מזיזים אותה, S עושה אותה חלקה או פינה, Delete מסיר.</translation>
    </message>
    <message>
        <source>Move a point of the profile</source>
        <translation>הזזת נקודה בפרופיל</translation>
    </message>
    <message>
        <source>Add a point to the profile</source>
        <translation>הוספת נקודה לפרופיל</translation>
    </message>
    <message>
        <source>Change a point of the profile</source>
        <translation>שינוי נקודה בפרופיל</translation>
    </message>
    <message>
        <source>Remove a point of the profile</source>
        <translation>הסרת נקודה מן הפרופיל</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProfileEditor</name>
    <message>
        <source>Profile from SVG or DXF…</source>
        <translation>פרופיל מ־SVG או DXF…</translation>
    </message>
    <message>
        <source>Profile point %1, %2</source>
        <translation>נקודת פרופיל %1, %2</translation>
    </message>
    <message>
        <source>Move a point of the profile</source>
        <translation>הזזת נקודה בפרופיל</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>חלקה</translation>
    </message>
    <message>
        <source>Profile point %1, smooth</source>
        <translation>נקודת פרופיל %1, חלקה</translation>
    </message>
    <message>
        <source>Change a point of the profile</source>
        <translation>שינוי נקודה בפרופיל</translation>
    </message>
    <message>
        <source>Remove profile point %1</source>
        <translation>הסרת נקודת פרופיל %1</translation>
    </message>
    <message>
        <source>Remove a point of the profile</source>
        <translation>הסרת נקודה מן הפרופיל</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProofCanvas</name>
    <message>
        <source>Proof: the stock after the moves so far</source>
        <translation>הוכחה: החומר אחרי התנועות עד כה</translation>
    </message>
    <message>
        <source>Nothing to prove yet: give the card an operation in Process, or letters that its process cuts.</source>
        <translation>אין עדיין מה להוכיח: תנו לכרטיס פעולה תחת תהליך, או אותיות שהתהליך חותך.</translation>
    </message>
</context>
<context>
    <name>bollard::app::ProofView</name>
    <message>
        <source>Lines of the program</source>
        <translation>שורות התוכנית</translation>
    </message>
    <message>
        <source>One move back</source>
        <translation>תנועה אחת אחורה</translation>
    </message>
    <message>
        <source>One move on</source>
        <translation>תנועה אחת קדימה</translation>
    </message>
    <message>
        <source>How many moves have been made</source>
        <translation>כמה תנועות נעשו</translation>
    </message>
    <message>
        <source>Front</source>
        <translation>חזית</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>גב</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>ניגון</translation>
    </message>
    <message>
        <source>End</source>
        <translation>סוף</translation>
    </message>
    <message>
        <source>To the last move</source>
        <translation>אל התנועה האחרונה</translation>
    </message>
    <message>
        <source>Writing the program and proving it…</source>
        <translation>כותב את התוכנית ומוכיח אותה…</translation>
    </message>
    <message>
        <source>No program: nothing is cut.</source>
        <translation>אין תוכנית: דבר אינו נחתך.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>gouged</source>
        <translation>נפגע</translation>
    </message>
    <message>
        <source>left</source>
        <translation>נותר</translation>
    </message>
    <message>
        <source>out of the tools&apos; reach</source>
        <translation>מחוץ להישג הכלים</translation>
    </message>
    <message>
        <source>cuts beside the stock</source>
        <translation>חותך ליד החומר</translation>
    </message>
    <message numerus="yes">
        <source>%n loose piece(s)</source>
        <translation>
            <numerusform>חתיכה רופפת %n</numerusform>
            <numerusform>%n חתיכות רופפות</numerusform>
        </translation>
    </message>
    <message>
        <source>then the part</source>
        <translation>אחר כך החלק</translation>
    </message>
    <message>
        <source>Move a tab</source>
        <translation>הזזת קשירה</translation>
    </message>
    <message>
        <source>Move where a cut begins</source>
        <translation>הזזת תחילת חיתוך</translation>
    </message>
    <message>
        <source>move %1 of %2 · line %3 · %4 · x %5  y %6  z %7</source>
        <translation>תנועה %1 מתוך %2 · שורה %3 · %4 · x %5  y %6  z %7</translation>
    </message>
    <message>
        <source>in the air</source>
        <translation>באוויר</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>חיתוך</translation>
    </message>
    <message>
        <source>before the first move</source>
        <translation>לפני התנועה הראשונה</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>השהיה</translation>
    </message>
</context>
<context>
    <name>bollard::app::Recovery</name>
    <message>
        <source>Unnamed card</source>
        <translation>כרטיס ללא שם</translation>
    </message>
</context>
<context>
    <name>bollard::app::RouteCard</name>
    <message>
        <source>Route card</source>
        <translation>כרטיס מסלול</translation>
    </message>
    <message>
        <source>Blank</source>
        <translation>גלם</translation>
    </message>
    <message>
        <source>Lettering</source>
        <translation>כיתוב</translation>
    </message>
    <message>
        <source>Placing</source>
        <translation>מיקום</translation>
    </message>
    <message>
        <source>Working</source>
        <translation>עיבוד</translation>
    </message>
    <message>
        <source>Process</source>
        <translation>תהליך</translation>
    </message>
    <message>
        <source>Output</source>
        <translation>פלט</translation>
    </message>
    <message>
        <source>no format ticked</source>
        <translation>שום תבנית לא סומנה</translation>
    </message>
    <message>
        <source>nothing to work</source>
        <translation>אין מה לעבד</translation>
    </message>
    <message>
        <source>%1; row %2 of %3</source>
        <translation>%1; שורה %2 מתוך %3</translation>
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
        <translation>הצגת השורה הקודמת</translation>
    </message>
    <message>
        <source>Show the next row</source>
        <translation>הצגת השורה הבאה</translation>
    </message>
    <message>
        <source>Rows; the first line names the fields</source>
        <translation>שורות; השורה הראשונה נותנת שמות לשדות</translation>
    </message>
    <message>
        <source>Add row</source>
        <translation>הוספת שורה</translation>
    </message>
    <message>
        <source>Add field</source>
        <translation>הוספת שדה</translation>
    </message>
    <message>
        <source>Remove row</source>
        <translation>הסרת שורה</translation>
    </message>
    <message>
        <source>Remove field</source>
        <translation>הסרת שדה</translation>
    </message>
    <message>
        <source>Read rows from a CSV file…</source>
        <translation>קריאת שורות מקובץ CSV…</translation>
    </message>
    <message>
        <source>field</source>
        <translation>שדה</translation>
    </message>
    <message>
        <source>Row %1 of %2 is shown</source>
        <translation>מוצגת שורה %1 מתוך %2</translation>
    </message>
    <message>
        <source>No rows: write {field} in the words to fill it from a row.</source>
        <translation>אין שורות: כתבו {field} במילים כדי למלא אותו משורה.</translation>
    </message>
    <message>
        <source>Rename field</source>
        <translation>שינוי שם השדה</translation>
    </message>
    <message>
        <source>Change row</source>
        <translation>שינוי שורה</translation>
    </message>
    <message>
        <source>name</source>
        <translation>שם</translation>
    </message>
    <message>
        <source>field %1</source>
        <translation>שדה %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::SectionStrip</name>
    <message>
        <source>Section along the line</source>
        <translation>חתך לאורך הקו</translation>
    </message>
    <message>
        <source>Section along the line, to scale; Esc puts it away</source>
        <translation>חתך לאורך הקו, בקנה מידה; Esc מסיר אותו</translation>
    </message>
    <message>
        <source>The line crosses no material.</source>
        <translation>הקו אינו חוצה חומר.</translation>
    </message>
</context>
<context>
    <name>bollard::app::SendPanel</name>
    <message>
        <source>Serial port or local socket of the controller</source>
        <translation>יציאה טורית או שקע מקומי של הבקר</translation>
    </message>
    <message>
        <source>Device</source>
        <translation>התקן</translation>
    </message>
    <message>
        <source>How the controller is talked to</source>
        <translation>איך מדברים עם הבקר</translation>
    </message>
    <message>
        <source>Protocol</source>
        <translation>פרוטוקול</translation>
    </message>
    <message>
        <source>Run round it in the air first</source>
        <translation>להקיף קודם באוויר</translation>
    </message>
    <message>
        <source>Send the program</source>
        <translation>שליחת התוכנית</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>עיכוב</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>עצירה</translation>
    </message>
    <message>
        <source>How much is confirmed</source>
        <translation>כמה אושר</translation>
    </message>
    <message>
        <source>What became of it</source>
        <translation>מה עלה בגורלו</translation>
    </message>
    <message>
        <source>The card is still being made; try again in a moment.</source>
        <translation>הכרטיס עדיין נבנה; נסו שוב עוד רגע.</translation>
    </message>
    <message>
        <source>%1. Mend it before it is sent.</source>
        <translation>%1. תקנו לפני השליחה.</translation>
    </message>
    <message>
        <source>Writing the program…</source>
        <translation>כותב את התוכנית…</translation>
    </message>
    <message>
        <source>No protocol is chosen.</source>
        <translation>לא נבחר פרוטוקול.</translation>
    </message>
    <message>
        <source>It runs round the work in the air.</source>
        <translation>הוא מקיף את העבודה באוויר.</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>המשך</translation>
    </message>
    <message>
        <source>Waiting for the controller…</source>
        <translation>ממתין לבקר…</translation>
    </message>
    <message>
        <source>Line %1; %2 of %3 confirmed</source>
        <translation>שורה %1; %2 מתוך %3 אושרו</translation>
    </message>
    <message>
        <source>%1 of %2 at full feed</source>
        <translation>%1 מתוך %2 בהזנה מלאה</translation>
    </message>
    <message>
        <source>Sent to “%1”: all %2 lines are confirmed.</source>
        <translation>נשלח אל „%1”: כל %2 השורות אושרו.</translation>
    </message>
    <message>
        <source>Stopped. The last line that was confirmed is %1.</source>
        <translation>נעצר. השורה האחרונה שאושרה היא %1.</translation>
    </message>
    <message>
        <source>Go on from a safe line before %1</source>
        <translation>המשך משורה בטוחה לפני %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::SeriesView</name>
    <message>
        <source>waits</source>
        <translation>ממתין</translation>
    </message>
    <message>
        <source>%1; its own</source>
        <translation>%1; משלו</translation>
    </message>
    <message>
        <source>Rows of the card</source>
        <translation>שורות הכרטיס</translation>
    </message>
    <message>
        <source>What is shown of the rows</source>
        <translation>מה מוצג מן השורות</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>שורות</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>גיליונות</translation>
    </message>
    <message>
        <source>Order of the rows</source>
        <translation>סדר השורות</translation>
    </message>
    <message>
        <source>as they come</source>
        <translation>כסדרן</translation>
    </message>
    <message>
        <source>worst first</source>
        <translation>הגרועות תחילה</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>סדר</translation>
    </message>
    <message>
        <source>Sheet width</source>
        <translation>רוחב גיליון</translation>
    </message>
    <message>
        <source>Sheet height</source>
        <translation>גובה גיליון</translation>
    </message>
    <message>
        <source>Between parts</source>
        <translation>בין חלקים</translation>
    </message>
    <message>
        <source>At the edge</source>
        <translation>בקצה</translation>
    </message>
    <message>
        <source>Copies of each</source>
        <translation>עותקים מכל אחד</translation>
    </message>
    <message>
        <source>How parts may be turned on sheets</source>
        <translation>איך מותר לסובב חלקים על גיליונות</translation>
    </message>
    <message>
        <source>not at all</source>
        <translation>כלל לא</translation>
    </message>
    <message>
        <source>half round</source>
        <translation>חצי סיבוב</translation>
    </message>
    <message>
        <source>by quarters</source>
        <translation>ברבעים</translation>
    </message>
    <message>
        <source>any way</source>
        <translation>בכל דרך</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>מסובב</translation>
    </message>
    <message>
        <source>Rows that are done</source>
        <translation>שורות שנעשו</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>עצירה</translation>
    </message>
    <message>
        <source>Make a row like the others</source>
        <translation>לעשות שורה כמו האחרות</translation>
    </message>
    <message>
        <source>What kind of files is written</source>
        <translation>איזה סוג קבצים נכתב</translation>
    </message>
    <message>
        <source>Written as</source>
        <translation>נכתב בתור</translation>
    </message>
    <message>
        <source>Let stop findings pass</source>
        <translation>להניח למניעות לעבור</translation>
    </message>
    <message>
        <source>Write the sheets</source>
        <translation>כתיבת הגיליונות</translation>
    </message>
    <message>
        <source>Write the rows</source>
        <translation>כתיבת השורות</translation>
    </message>
    <message>
        <source>%1 of %2 made</source>
        <translation>%1 מתוך %2 נעשו</translation>
    </message>
    <message numerus="yes">
        <source>%n row(s)</source>
        <translation>
            <numerusform>שורה %n</numerusform>
            <numerusform>%n שורות</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n stop(s)</source>
        <translation>
            <numerusform>%n שמונעת</numerusform>
            <numerusform>%n שמונעות</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n to watch</source>
        <translation>
            <numerusform>%n לתשומת לב</numerusform>
            <numerusform>%n לתשומת לב</numerusform>
        </translation>
    </message>
    <message>
        <source>Laying them on sheets…</source>
        <translation>מניח אותן על גיליונות…</translation>
    </message>
    <message numerus="yes">
        <source>%n sheet(s)</source>
        <translation>
            <numerusform>גיליון %n</numerusform>
            <numerusform>%n גיליונות</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n part(s) larger than a sheet</source>
        <translation>
            <numerusform>חלק %n גדול מגיליון</numerusform>
            <numerusform>%n חלקים גדולים מגיליון</numerusform>
        </translation>
    </message>
    <message>
        <source>Rows that stop are left out.</source>
        <translation>שורות שמונעות מושמטות.</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>המשך</translation>
    </message>
    <message>
        <source>Make row %1 like the others</source>
        <translation>לעשות את שורה %1 כמו האחרות</translation>
    </message>
    <message>
        <source>-sheets</source>
        <translation>-גיליונות</translation>
    </message>
    <message>
        <source>-rows</source>
        <translation>-שורות</translation>
    </message>
    <message>
        <source>Writing…</source>
        <translation>כותב…</translation>
    </message>
    <message>
        <source>Stopped; the next time it goes on from there.</source>
        <translation>נעצר; בפעם הבאה זה ממשיך משם.</translation>
    </message>
    <message>
        <source>%1 made, %2 there already, %3 that stop, %4 failed, in “%5”.</source>
        <translation>%1 נעשו, %2 כבר היו, %3 עם מניעה, %4 נכשלו, ב־„%5”.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Row %1: %2</source>
        <translation>שורה %1: %2</translation>
    </message>
</context>
<context>
    <name>bollard::app::SheetCanvas</name>
    <message>
        <source>Sheets with the parts on them</source>
        <translation>גיליונות עם החלקים עליהם</translation>
    </message>
    <message>
        <source>Left and right choose a part; plus and minus zoom; Home shows all sheets.</source>
        <translation>שמאלה וימינה בוחרים חלק; פלוס ומינוס מקרבים ומרחיקים; Home מציג את כל הגיליונות.</translation>
    </message>
    <message>
        <source>Sheet %1, %2 % full</source>
        <translation>גיליון %1, מלא ב־%2 %</translation>
    </message>
</context>
<context>
    <name>bollard::app::SideChoice</name>
    <message>
        <source>Side of the blank</source>
        <translation>צד הגלם</translation>
    </message>
</context>
<context>
    <name>bollard::app::Slips</name>
    <message>
        <source>Inscriptions</source>
        <translation>כתובות</translation>
    </message>
    <message>
        <source>Add inscription</source>
        <translation>הוספת כתובת</translation>
    </message>
    <message>
        <source>Add ornament</source>
        <translation>הוספת עיטור</translation>
    </message>
    <message>
        <source>artwork from a file…</source>
        <translation>עיטור מקובץ…</translation>
    </message>
    <message>
        <source>Copy inscription</source>
        <translation>העתקת כתובת</translation>
    </message>
    <message>
        <source>Move inscription up</source>
        <translation>הזזת כתובת למעלה</translation>
    </message>
    <message>
        <source>Move inscription down</source>
        <translation>הזזת כתובת למטה</translation>
    </message>
    <message>
        <source>Hide or show inscription</source>
        <translation>הסתרה או הצגה של כתובת</translation>
    </message>
    <message>
        <source>Delete inscription</source>
        <translation>מחיקת כתובת</translation>
    </message>
    <message>
        <source>new words</source>
        <translation>מילים חדשות</translation>
    </message>
</context>
<context>
    <name>bollard::app::StartPage</name>
    <message>
        <source>Berth sign, raised and sunk</source>
        <translation>שלט מעגן, מוגבה ושקוע</translation>
    </message>
    <message>
        <source>Valve tag, cut right through</source>
        <translation>תווית שסתום, חתוכה לגמרי</translation>
    </message>
    <message>
        <source>Free-standing word</source>
        <translation>מילה עומדת חופשי</translation>
    </message>
    <message>
        <source>Mooring ring, words all round</source>
        <translation>טבעת עגינה, מילים מסביב</translation>
    </message>
    <message>
        <source>Transom name along a curve</source>
        <translation>שם ירכתיים לאורך עקומה</translation>
    </message>
    <message>
        <source>Scribed tags with serial numbers</source>
        <translation>תוויות חרוטות עם מספרים</translation>
    </message>
    <message>
        <source>Tide board, figures and bars</source>
        <translation>לוח גאות, ספרות ופסים</translation>
    </message>
    <message>
        <source>Fender pin, words round a bar</source>
        <translation>פין מגן, מילים סביב מוט</translation>
    </message>
    <message>
        <source>Berth sign, edges broken</source>
        <translation>שלט מעגן, קצוות שבורים</translation>
    </message>
    <message>
        <source>Store tag with an ear and a slot</source>
        <translation>תווית מחסן עם אוזן וחריץ</translation>
    </message>
    <message>
        <source>Name carved in oak</source>
        <translation>שם מגולף באלון</translation>
    </message>
    <message>
        <source>Mooring tag, inlaid on both faces</source>
        <translation>תווית עגינה, משובצת משני הצדדים</translation>
    </message>
    <message>
        <source>Pierced sign, held by ties</source>
        <translation>שלט מנוקב, מוחזק בקשירות</translation>
    </message>
    <message>
        <source>Word on bars behind it</source>
        <translation>מילה על פסים מאחוריה</translation>
    </message>
    <message>
        <source>Word on a plate along its outline</source>
        <translation>מילה על לוח לאורך קו המתאר שלה</translation>
    </message>
    <message>
        <source>Word closed up to one piece</source>
        <translation>מילה סגורה לחתיכה אחת</translation>
    </message>
    <message>
        <source>A dot that nothing holds yet</source>
        <translation>נקודה שדבר אינו מחזיק עדיין</translation>
    </message>
    <message>
        <source>Transom name, V-carved</source>
        <translation>שם ירכתיים, מגולף ב־V</translation>
    </message>
    <message>
        <source>Brass valve tags, scribed</source>
        <translation>תוויות שסתום מפליז, חרוטות</translation>
    </message>
    <message>
        <source>A hundred valve tags with serials</source>
        <translation>מאה תוויות שסתום עם מספרים</translation>
    </message>
    <message>
        <source>Thirty crew name tags for two sheets</source>
        <translation>שלושים תוויות צוות לשני גיליונות</translation>
    </message>
    <message>
        <source>Monogram in a ring, by torch</source>
        <translation>מונוגרמה בטבעת, במבער</translation>
    </message>
    <message>
        <source>Slate, its ground cleared</source>
        <translation>צפחה, רקעה מפונה</translation>
    </message>
    <message>
        <source>Block with a boat on each face</source>
        <translation>גוש עם סירה על כל פאה</translation>
    </message>
    <message>
        <source>Band of a mooring ring, two rows</source>
        <translation>רצועה של טבעת עגינה, שתי שורות</translation>
    </message>
    <message>
        <source>Roller, read in its impression</source>
        <translation>גליל, נקרא בהטבעה שלו</translation>
    </message>
    <message>
        <source>Egg-shaped net float</source>
        <translation>מצוף רשת בצורת ביצה</translation>
    </message>
    <message>
        <source>Signet ring, letters on its flat</source>
        <translation>טבעת חותם, אותיות על המשטח שלה</translation>
    </message>
    <message>
        <source>Key ring, a letter to each facet</source>
        <translation>טבעת מפתחות, אות לכל פאה</translation>
    </message>
    <message>
        <source>Bollard cap, words round a dome</source>
        <translation>כיפת עמוד עגינה, מילים סביב כיפה</translation>
    </message>
    <message>
        <source>Buoy tag in two colours, face down</source>
        <translation>תווית מצוף בשני צבעים, פנים למטה</translation>
    </message>
    <message>
        <source>Buoy ball in two colours</source>
        <translation>כדור מצוף בשני צבעים</translation>
    </message>
    <message>
        <source>Horn cleat from a file</source>
        <translation>וו קשירה מקובץ</translation>
    </message>
    <message>
        <source>Brass bar, scribed as it turns</source>
        <translation>מוט פליז, חרוט תוך סיבוב</translation>
    </message>
    <message>
        <source>Float roller, its words left standing</source>
        <translation>גליל מצוף, מילותיו נותרו עומדות</translation>
    </message>
    <message>
        <source>Egg, scribed from above</source>
        <translation>ביצה, חרוטה מלמעלה</translation>
    </message>
    <message>
        <source>Start page</source>
        <translation>דף פתיחה</translation>
    </message>
    <message>
        <source>Lettering for things that are made</source>
        <translation>כיתוב לדברים שמייצרים</translation>
    </message>
    <message>
        <source>Type words, see them on the piece, see what cannot be made, write the solid.</source>
        <translation>הקלידו מילים, ראו אותן על החתיכה, ראו מה אי אפשר לייצר, כתבו את הגוף.</translation>
    </message>
    <message>
        <source>New card</source>
        <translation>כרטיס חדש</translation>
    </message>
    <message>
        <source>Open a card…</source>
        <translation>פתיחת כרטיס…</translation>
    </message>
    <message>
        <source>Start from a sample</source>
        <translation>התחלה מדוגמה</translation>
    </message>
    <message>
        <source>Sample: %1</source>
        <translation>דוגמה: %1</translation>
    </message>
    <message>
        <source>What new cards are made with</source>
        <translation>במה מיוצרים כרטיסים חדשים</translation>
    </message>
    <message>
        <source>on</source>
        <translation>על</translation>
    </message>
    <message>
        <source>Width of the bed or the machine&apos;s travel</source>
        <translation>רוחב המצע או מהלך המכונה</translation>
    </message>
    <message>
        <source>Depth of the bed or the machine&apos;s travel</source>
        <translation>עומק המצע או מהלך המכונה</translation>
    </message>
    <message>
        <source>in</source>
        <translation>ב־</translation>
    </message>
    <message>
        <source>Unit of new cards</source>
        <translation>יחידת כרטיסים חדשים</translation>
    </message>
    <message>
        <source>New cards are for</source>
        <translation>כרטיסים חדשים מיועדים ל־</translation>
    </message>
    <message>
        <source>First of all: what do you make with?</source>
        <translation>קודם כול: במה אתם מייצרים?</translation>
    </message>
    <message>
        <source>Not saved when Bollard ended</source>
        <translation>לא נשמרו כשבולארד הסתיים</translation>
    </message>
    <message>
        <source>“%1” was kept, but cannot be read. It is left as it is: %2</source>
        <translation>„%1” נשמר, אך אי אפשר לקרוא אותו. הוא נשאר כפי שהוא: %2</translation>
    </message>
    <message>
        <source>Recover %1</source>
        <translation>שחזור %1</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>השלכה</translation>
    </message>
    <message>
        <source>Discard the unsaved %1</source>
        <translation>השלכת %1 שלא נשמר</translation>
    </message>
    <message>
        <source>Starting cards of your own</source>
        <translation>כרטיסי התחלה משלכם</translation>
    </message>
    <message>
        <source>Forget the starting card %1</source>
        <translation>לשכוח את כרטיס ההתחלה %1</translation>
    </message>
    <message>
        <source>Recent cards</source>
        <translation>כרטיסים אחרונים</translation>
    </message>
</context>
<context>
    <name>bollard::app::Station</name>
    <message>
        <source>Station %1, %2</source>
        <translation>תחנה %1, %2</translation>
    </message>
    <message>
        <source>open</source>
        <translation>פתוחה</translation>
    </message>
    <message>
        <source>%1 stop</source>
        <translation>%1: מניעה</translation>
    </message>
    <message>
        <source>%1 watch</source>
        <translation>%1: תשומת לב</translation>
    </message>
</context>
<context>
    <name>bollard::app::StationBody</name>
    <message>
        <source>Change %1</source>
        <translation>שינוי: %1</translation>
    </message>
    <message>
        <source>Edge size</source>
        <translation>גודל הקצה</translation>
    </message>
    <message>
        <source>Edge angle</source>
        <translation>זווית הקצה</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>זווית</translation>
    </message>
    <message>
        <source>Edge radius</source>
        <translation>רדיוס הקצה</translation>
    </message>
    <message>
        <source>%1, open</source>
        <translation>%1, פתוח</translation>
    </message>
    <message>
        <source>%1, closed</source>
        <translation>%1, סגור</translation>
    </message>
</context>
<context>
    <name>bollard::app::ToolSketch</name>
    <message>
        <source>Narrowest stroke %1, tool %2.</source>
        <translation>הקו הצר ביותר %1, כלי %2.</translation>
    </message>
    <message>
        <source>Tool %1.</source>
        <translation>כלי %1.</translation>
    </message>
    <message>
        <source>%1 It does not go in.</source>
        <translation>%1 הוא אינו נכנס.</translation>
    </message>
    <message>
        <source>stroke %1</source>
        <translation>קו %1</translation>
    </message>
    <message>
        <source>tip %1</source>
        <translation>חוד %1</translation>
    </message>
    <message>
        <source>tool %1</source>
        <translation>כלי %1</translation>
    </message>
    <message>
        <source>tool %1: too wide</source>
        <translation>כלי %1: רחב מדי</translation>
    </message>
</context>
<context>
    <name>bollard::app::TracePanel</name>
    <message>
        <source>The picture, and what is traced of it</source>
        <translation>התמונה, ומה שמועתק ממנה</translation>
    </message>
    <message>
        <source>Darker than</source>
        <translation>כהה מ־</translation>
    </message>
    <message>
        <source>Smoothing</source>
        <translation>החלקה</translation>
    </message>
    <message>
        <source>Smallest spot</source>
        <translation>הכתם הקטן ביותר</translation>
    </message>
    <message>
        <source>Light ink on dark paper</source>
        <translation>דיו בהיר על נייר כהה</translation>
    </message>
    <message>
        <source>Width of the ink</source>
        <translation>רוחב הדיו</translation>
    </message>
    <message>
        <source>Put it on the blank</source>
        <translation>להניח על הגלם</translation>
    </message>
    <message numerus="yes">
        <source>%n shape(s)</source>
        <translation>
            <numerusform>צורה %n</numerusform>
            <numerusform>%n צורות</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is darker than that. Move the first slider to the right.</source>
        <translation>דבר אינו כהה מזה. הזיזו את המחוון הראשון ימינה.</translation>
    </message>
</context>
<context>
    <name>bollard::app::TypefaceControls</name>
    <message>
        <source>Change %1</source>
        <translation>שינוי: %1</translation>
    </message>
</context>
<context>
    <name>bollard::app::TypefaceList</name>
    <message>
        <source>Type a name</source>
        <translation>הקלידו שם</translation>
    </message>
    <message>
        <source>Typeface name</source>
        <translation>שם הגופן</translation>
    </message>
    <message>
        <source>all typefaces</source>
        <translation>כל הגופנים</translation>
    </message>
    <message>
        <source>kept ones</source>
        <translation>השמורים</translation>
    </message>
    <message>
        <source>sans serif</source>
        <translation>ללא תגים</translation>
    </message>
    <message>
        <source>serif</source>
        <translation>עם תגים</translation>
    </message>
    <message>
        <source>script</source>
        <translation>כתב יד</translation>
    </message>
    <message>
        <source>stencil</source>
        <translation>שבלונה</translation>
    </message>
    <message>
        <source>single-line</source>
        <translation>קו יחיד</translation>
    </message>
    <message>
        <source>other</source>
        <translation>אחר</translation>
    </message>
    <message>
        <source>Kind of typeface</source>
        <translation>סוג הגופן</translation>
    </message>
    <message>
        <source>Typefaces</source>
        <translation>גופנים</translation>
    </message>
    <message>
        <source>Open a font file…</source>
        <translation>פתיחת קובץ גופן…</translation>
    </message>
    <message>
        <source>%1 so far; looking through the others…</source>
        <translation>%1 עד כה; בודק את האחרים…</translation>
    </message>
    <message>
        <source>No typeface is like that.</source>
        <translation>אין גופן כזה.</translation>
    </message>
    <message>
        <source>Strokes of at least %1 mm at this size</source>
        <translation>קווים של לפחות %1 מ״מ בגודל זה</translation>
    </message>
</context>
<context>
    <name>bollard::app::TypefaceModel</name>
    <message>
        <source>Harbour 123</source>
        <translation>נמל 123</translation>
    </message>
</context>
<context>
    <name>bollard::app::WorkingStation</name>
    <message>
        <source>Working</source>
        <translation>עיבוד</translation>
    </message>
    <message>
        <source>Change working</source>
        <translation>שינוי עיבוד</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>גובה</translation>
    </message>
    <message>
        <source>Bedding</source>
        <translation>מושב</translation>
    </message>
    <message>
        <source>bedding</source>
        <translation>מושב</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>עומק</translation>
    </message>
    <message>
        <source>Angle of the V</source>
        <translation>זווית ה־V</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>זווית</translation>
    </message>
    <message>
        <source>Edges</source>
        <translation>קצוות</translation>
    </message>
    <message>
        <source>How the edges of the letters are broken</source>
        <translation>איך שבורים קצות האותיות</translation>
    </message>
    <message>
        <source>Change edges</source>
        <translation>שינוי הקצוות</translation>
    </message>
    <message>
        <source>Foot</source>
        <translation>רגל</translation>
    </message>
    <message>
        <source>Radius of the fillet where letters meet the blank</source>
        <translation>רדיוס העיגול היכן שאותיות פוגשות את הגלם</translation>
    </message>
    <message>
        <source>Colour from</source>
        <translation>צבע מן</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>צבע</translation>
    </message>
    <message>
        <source>Up to this height letters are of the blank&apos;s colour; 0: all of them have their own</source>
        <translation>עד הגובה הזה האותיות בצבע הגלם; 0: לכולן צבע משלהן</translation>
    </message>
    <message>
        <source>Tops</source>
        <translation>פסגות</translation>
    </message>
    <message>
        <source>Whether tops follow the side or lie flat</source>
        <translation>אם הפסגות עוקבות אחר הצד או שטוחות</translation>
    </message>
    <message>
        <source>Change tops</source>
        <translation>שינוי הפסגות</translation>
    </message>
    <message>
        <source>as high everywhere</source>
        <translation>גבוהות באותה מידה בכל מקום</translation>
    </message>
    <message>
        <source>flat, each letter in one plane</source>
        <translation>שטוחות, כל אות במישור אחד</translation>
    </message>
    <message>
        <source>Clearance</source>
        <translation>מרווח</translation>
    </message>
    <message>
        <source>Room between the inlay and the walls round it, for glue; 0: they are one</source>
        <translation>מקום בין השיבוץ לדפנות סביבו, לדבק; 0: הם אחד</translation>
    </message>
    <message>
        <source>Counters</source>
        <translation>חללי אותיות</translation>
    </message>
    <message>
        <source>What becomes of counters</source>
        <translation>מה נעשה בחללי האותיות</translation>
    </message>
    <message>
        <source>Change what becomes of counters</source>
        <translation>שינוי מה שנעשה בחללים</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>נשמרים</translation>
    </message>
    <message>
        <source>lowered</source>
        <translation>מונמכים</translation>
    </message>
    <message>
        <source>cut through</source>
        <translation>חתוכים לגמרי</translation>
    </message>
    <message>
        <source>dropped</source>
        <translation>מושמטים</translation>
    </message>
    <message>
        <source>Lowered by</source>
        <translation>מונמכים ב־</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>כלום</translation>
    </message>
    <message>
        <source>ties</source>
        <translation>קשירות</translation>
    </message>
    <message>
        <source>ties put by hand</source>
        <translation>קשירות שהונחו ביד</translation>
    </message>
    <message>
        <source>What holds counters</source>
        <translation>מה מחזיק את החללים</translation>
    </message>
    <message>
        <source>Held by</source>
        <translation>מוחזקים ב־</translation>
    </message>
    <message>
        <source>Change what holds counters</source>
        <translation>שינוי מה שמחזיק את החללים</translation>
    </message>
    <message>
        <source>Width of ties</source>
        <translation>רוחב הקשירות</translation>
    </message>
    <message>
        <source>Each counter</source>
        <translation>כל חלל</translation>
    </message>
    <message>
        <source>How many ties a counter gets</source>
        <translation>כמה קשירות מקבל חלל</translation>
    </message>
    <message>
        <source>Change the number of ties</source>
        <translation>שינוי מספר הקשירות</translation>
    </message>
    <message>
        <source>as needed</source>
        <translation>לפי הצורך</translation>
    </message>
    <message>
        <source>one</source>
        <translation>אחת</translation>
    </message>
    <message>
        <source>two</source>
        <translation>שתיים</translation>
    </message>
    <message>
        <source>Direction</source>
        <translation>כיוון</translation>
    </message>
    <message>
        <source>Which way ties run</source>
        <translation>לאיזה כיוון הולכות הקשירות</translation>
    </message>
    <message>
        <source>Change the direction of ties</source>
        <translation>שינוי כיוון הקשירות</translation>
    </message>
    <message>
        <source>as the letter stands</source>
        <translation>כפי שעומדת האות</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>זקוף</translation>
    </message>
    <message>
        <source>level</source>
        <translation>אופקי</translation>
    </message>
    <message>
        <source>at an angle</source>
        <translation>בזווית</translation>
    </message>
    <message>
        <source>Angle of ties</source>
        <translation>זווית הקשירות</translation>
    </message>
    <message>
        <source>How deep ties are</source>
        <translation>כמה עמוקות הקשירות</translation>
    </message>
    <message>
        <source>Change the depth of ties</source>
        <translation>שינוי עומק הקשירות</translation>
    </message>
    <message>
        <source>through the whole thickness</source>
        <translation>בכל העובי</translation>
    </message>
    <message>
        <source>at the back</source>
        <translation>מאחור</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>באמצע</translation>
    </message>
    <message>
        <source>Thickness of ties</source>
        <translation>עובי הקשירות</translation>
    </message>
    <message>
        <source>Wider at both ends</source>
        <translation>רחבות יותר בשני הקצוות</translation>
    </message>
    <message>
        <source>Change the shape of ties</source>
        <translation>שינוי צורת הקשירות</translation>
    </message>
    <message>
        <source>There are no words to work yet.</source>
        <translation>אין עדיין מילים לעבד.</translation>
    </message>
    <message>
        <source>%1 are left under it.</source>
        <translation>%1 נותרים מתחתיו.</translation>
    </message>
</context>
<context>
    <name>main</name>
    <message>
        <source>Lettering for printing, engraving and cutting.</source>
        <translation>כיתוב להדפסה, לחריטה ולחיתוך.</translation>
    </message>
    <message>
        <source>Save a picture of each view and end.</source>
        <translation>שמירת תמונה של כל תצוגה וסיום.</translation>
    </message>
    <message>
        <source>FOLDER</source>
        <translation>תיקייה</translation>
    </message>
    <message>
        <source>Cards to open; the first one opens in the window that is there.</source>
        <translation>כרטיסים לפתיחה; הראשון נפתח בחלון הקיים.</translation>
    </message>
    <message>
        <source>Open a window of its own, also where one is there.</source>
        <translation>לפתוח חלון נפרד, גם אם יש כבר אחד.</translation>
    </message>
</context>
</TS>
