<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>Say</name>
    <message numerus="yes">
        <source>%n lines with “%1”; Esc shows all</source>
        <translation>
            <numerusform>1 line with “%1”; Esc shows all</numerusform>
            <numerusform>%n lines with “%1”; Esc shows all</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n lines; Esc shows all</source>
        <translation>
            <numerusform>1 line; Esc shows all</numerusform>
            <numerusform>%n lines; Esc shows all</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n pages as they will be printed</source>
        <translation>
            <numerusform>1 page as it will be printed</numerusform>
            <numerusform>%n pages as they will be printed</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n jobs of %1 are in this book now.</source>
        <translation>
            <numerusform>The job of %1 is in this book now.</numerusform>
            <numerusform>%n jobs of %1 are in this book now.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n were not taken; the first: %1</source>
        <translation>
            <numerusform>One was not taken: %1</numerusform>
            <numerusform>%n were not taken; the first: %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n jobs are written to %1.</source>
        <translation>
            <numerusform>The job is written to %1.</numerusform>
            <numerusform>%n jobs are written to %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n readings</source>
        <translation>
            <numerusform>1 reading</numerusform>
            <numerusform>%n readings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>, and %n struck, with the reason kept</source>
        <translation>
            <numerusform>, and 1 struck, with the reason kept</numerusform>
            <numerusform>, and %n struck, with the reason kept</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source> (%n more cards at hand, Ctrl+Shift+K fits the next)</source>
        <translation>
            <numerusform> (another card at hand, Ctrl+Shift+K fits it)</numerusform>
            <numerusform> (%n more cards at hand, Ctrl+Shift+K fits the next)</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>log; settled by %n readings that agree</source>
        <translation>
            <numerusform>log it</numerusform>
            <numerusform>log; settled by %n readings that agree</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n readings from %1</source>
        <translation>
            <numerusform>1 reading from %1</numerusform>
            <numerusform>%n readings from %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n lobes recorded</source>
        <translation>
            <numerusform>1 lobe recorded</numerusform>
            <numerusform>%n lobes recorded</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>of %n orders</source>
        <translation>
            <numerusform>of 1 order</numerusform>
            <numerusform>of %n orders</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n to order</source>
        <translation>
            <numerusform>1 to order</numerusform>
            <numerusform>%n to order</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source> That is %n teeth of this drive (one is %1).</source>
        <translation>
            <numerusform> That is one tooth of this drive (%1).</numerusform>
            <numerusform> That is %n teeth of this drive (one is %1).</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>, %n struck (%1)</source>
        <translation>
            <numerusform>, 1 struck (%1)</numerusform>
            <numerusform>, %n struck (%1)</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>TDC: %n contacts</source>
        <translation>
            <numerusform>TDC: 1 contact</numerusform>
            <numerusform>TDC: %n contacts</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>: %n readings</source>
        <translation>
            <numerusform>: 1 reading</numerusform>
            <numerusform>: %n readings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>: %n presses for clearance</source>
        <translation>
            <numerusform>: 1 press for clearance</numerusform>
            <numerusform>: %n presses for clearance</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: %n readings were taken while backing up and are left out: they carry the drive&apos;s slack. Come up to those marks again the way the engine runs.</source>
        <translation>
            <numerusform>%1: one reading was taken while backing up and is left out: it carries the drive&apos;s slack. Come up to that mark again the way the engine runs.</numerusform>
            <numerusform>%1: %n readings were taken while backing up and are left out: they carry the drive&apos;s slack. Come up to those marks again the way the engine runs.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n teeth</source>
        <translation>
            <numerusform>1 tooth</numerusform>
            <numerusform>%n teeth</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: about %n more readings</source>
        <translation>
            <numerusform>%1: about one more reading</numerusform>
            <numerusform>%1: about %n more readings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n runs were</source>
        <translation>
            <numerusform>1 run was</numerusform>
            <numerusform>%n runs were</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>; holds for the %n readings of this run too</source>
        <translation>
            <numerusform>; holds for the one reading of this run too</numerusform>
            <numerusform>; holds for the %n readings of this run too</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n valves are not reached with these shims. </source>
        <translation>
            <numerusform>%n valve is not reached with these shims. </numerusform>
            <numerusform>%n valves are not reached with these shims. </numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more alike</source>
        <translation>
            <numerusform>%n more alike</numerusform>
            <numerusform>%n more alike</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>fold %n alike</source>
        <translation>
            <numerusform>fold %n alike</numerusform>
            <numerusform>fold %n alike</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n marked: Enter takes them in this order. Esc leads back.</source>
        <translation>
            <numerusform>%n marked: Enter takes it. Esc leads back.</numerusform>
            <numerusform>%n marked: Enter takes them in this order. Esc leads back.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more figures are alike within what is known.</source>
        <translation>
            <numerusform>%n more figure is alike within what is known.</numerusform>
            <numerusform>%n more figures are alike within what is known.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>A reading every %n degrees</source>
        <translation>
            <numerusform>A reading every degree</numerusform>
            <numerusform>A reading every %n degrees</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>No copy of this book was saved elsewhere for %n days. Ctrl+S saves one; on another disk it outlives this one.</source>
        <translation>
            <numerusform>No copy of this book was saved elsewhere for %n day. Ctrl+S saves one; on another disk it outlives this one.</numerusform>
            <numerusform>No copy of this book was saved elsewhere for %n days. Ctrl+S saves one; on another disk it outlives this one.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>after %n days</source>
        <translation>
            <numerusform>after %n day</numerusform>
            <numerusform>after %n days</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: %2 and %n more</source>
        <translation>
            <numerusform>%1: %2 and %n more</numerusform>
            <numerusform>%1: %2 and %n more</numerusform>
        </translation>
    </message>
</context>
</TS>
