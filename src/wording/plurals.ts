<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<!-- The sentences of the sources that count something, for one and for many. All others stand in the sources. -->
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>Findings</name>
    <message numerus="yes">
        <source>%n more</source>
        <translation><numerusform>%n more</numerusform><numerusform>%n more</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>Cannot be made so yet: %n stop(s)</source>
        <translation><numerusform>Cannot be made so yet: %n stop</numerusform><numerusform>Cannot be made so yet: %n stops</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>Cannot be made so yet: %n stop(s), %1 to watch</source>
        <translation><numerusform>Cannot be made so yet: %n stop, %1 to watch</numerusform><numerusform>Cannot be made so yet: %n stops, %1 to watch</numerusform></translation>
    </message>
</context>
<context>
    <name>Blanks</name>
    <message numerus="yes">
        <source>, %n hole(s)</source>
        <translation><numerusform>, %n hole</numerusform><numerusform>, %n holes</numerusform></translation>
    </message>
</context>
<context>
    <name>Summaries</name>
    <message numerus="yes">
        <source>, %n letter(s) nudged</source>
        <translation><numerusform>, %n letter nudged</numerusform><numerusform>, %n letters nudged</numerusform></translation>
    </message>
</context>
<context>
    <name>Flat</name>
    <message numerus="yes">
        <source>%n piece(s)</source>
        <translation><numerusform>%n piece</numerusform><numerusform>%n pieces</numerusform></translation>
    </message>
</context>
<context>
    <name>bollard::app::ProofView</name>
    <message numerus="yes">
        <source>%n loose piece(s)</source>
        <translation><numerusform>%n loose piece</numerusform><numerusform>%n loose pieces</numerusform></translation>
    </message>
</context>
<context>
    <name>bollard::app::LayersView</name>
    <message numerus="yes">
        <source>%n layer(s)</source>
        <translation><numerusform>%n layer</numerusform><numerusform>%n layers</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>lost in %n place(s)</source>
        <translation><numerusform>lost in %n place</numerusform><numerusform>lost in %n places</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>hangs over in %n place(s)</source>
        <translation><numerusform>hangs over in %n place</numerusform><numerusform>hangs over in %n places</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>begins in the air in %n place(s)</source>
        <translation><numerusform>begins in the air in %n place</numerusform><numerusform>begins in the air in %n places</numerusform></translation>
    </message>
</context>
<context>
    <name>bollard::app::OutputStation</name>
    <message numerus="yes">
        <source>%n part(s)</source>
        <translation><numerusform>%n part</numerusform><numerusform>%n parts</numerusform></translation>
    </message>
</context>
<context>
    <name>bollard::app::TracePanel</name>
    <message numerus="yes">
        <source>%n shape(s)</source>
        <translation><numerusform>%n shape</numerusform><numerusform>%n shapes</numerusform></translation>
    </message>
</context>
<context>
    <name>bollard::app::MainWindow</name>
    <message numerus="yes">
        <source>The card takes %n typeface(s) along, %1.</source>
        <translation><numerusform>The card takes %n typeface along, %1.</numerusform><numerusform>The card takes %n typefaces along, %1.</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) were pasted. They can be rows instead: one part each.</source>
        <translation><numerusform>%n line was pasted. It can be a row instead.</numerusform><numerusform>%n lines were pasted. They can be rows instead: one part each.</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n text(s), which must be turned into curves first</source>
        <translation><numerusform>%n text, which must be turned into curves first</numerusform><numerusform>%n texts, which must be turned into curves first</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n picture(s), dimension(s) or fill(s)</source>
        <translation><numerusform>%n picture, dimension or fill</numerusform><numerusform>%n pictures, dimensions or fills</numerusform></translation>
    </message>
</context>
<context>
    <name>bollard::app::SeriesView</name>
    <message numerus="yes">
        <source>%n row(s)</source>
        <translation><numerusform>%n row</numerusform><numerusform>%n rows</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n stop(s)</source>
        <translation><numerusform>%n that stops</numerusform><numerusform>%n that stop</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n to watch</source>
        <translation><numerusform>%n to watch</numerusform><numerusform>%n to watch</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n sheet(s)</source>
        <translation><numerusform>%n sheet</numerusform><numerusform>%n sheets</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n part(s) larger than a sheet</source>
        <translation><numerusform>%n part is larger than a sheet</numerusform><numerusform>%n parts are larger than a sheet</numerusform></translation>
    </message>
</context>
<context>
    <name>bollard::app::PreferencesPanel</name>
    <message numerus="yes">
        <source>%n minute(s) after a change</source>
        <translation><numerusform>%n minute after a change</numerusform><numerusform>%n minutes after a change</numerusform></translation>
    </message>
</context>
</TS>
