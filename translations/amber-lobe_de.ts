<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en">
<context>
    <name>Say</name>
    <message>
        <source>Amber Lobe</source>
        <translation>Amber Lobe</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>%1 stands there already; it was left as it is. Open it, or choose a name that is free.</source>
        <translation>Dort steht schon %1; es blieb, wie es war. Öffnen, oder einen freien Namen wählen.</translation>
    </message>
    <message>
        <source>%1 holds what was in hand; the work goes on in it.</source>
        <translation>%1 enthält, was in Arbeit war; dort geht es weiter.</translation>
    </message>
    <message>
        <source>cylinder %1 </source>
        <translation>Zylinder %1 </translation>
    </message>
    <message>
        <source>opening</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>closing</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>nose</source>
        <translation>Spitze</translation>
    </message>
    <message>
        <source>chamber</source>
        <translation>Brennraum</translation>
    </message>
    <message>
        <source>gasket</source>
        <translation>Dichtung</translation>
    </message>
    <message>
        <source>deck</source>
        <translation>Rückstand</translation>
    </message>
    <message>
        <source>crown</source>
        <translation>Kolbenboden</translation>
    </message>
    <message>
        <source>crevice</source>
        <translation>Spalt</translation>
    </message>
    <message>
        <source>bore</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>stroke</source>
        <translation>Kolbenhub</translation>
    </message>
    <message>
        <source>rod</source>
        <translation>Pleuel</translation>
    </message>
    <message>
        <source>against</source>
        <translation>gegen</translation>
    </message>
    <message>
        <source>phaser</source>
        <translation>Versteller</translation>
    </message>
    <message>
        <source>intake centre</source>
        <translation>Einlassmitte</translation>
    </message>
    <message>
        <source>exhaust centre</source>
        <translation>Auslassmitte</translation>
    </message>
    <message>
        <source>separation</source>
        <translation>Spreizung</translation>
    </message>
    <message>
        <source>dynamic</source>
        <translation>dynamisch</translation>
    </message>
    <message>
        <source>clearance</source>
        <translation>Freigang</translation>
    </message>
    <message>
        <source>intake</source>
        <translation>Einlass</translation>
    </message>
    <message>
        <source>exhaust</source>
        <translation>Auslass</translation>
    </message>
    <message>
        <source>drive</source>
        <translation>Antrieb</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>advance</source>
        <translation>Verstellung</translation>
    </message>
    <message>
        <source>intake duration</source>
        <translation>Öffnungsdauer Einlass</translation>
    </message>
    <message>
        <source>exhaust duration</source>
        <translation>Öffnungsdauer Auslass</translation>
    </message>
    <message>
        <source>seat</source>
        <translation>Ventilsitz</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>zero return</source>
        <translation>Rückkehr auf null</translation>
    </message>
    <message>
        <source>target</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>smoothing</source>
        <translation>Glättung</translation>
    </message>
    <message>
        <source>average passes</source>
        <translation>Mittel der Durchgänge</translation>
    </message>
    <message>
        <source>lash</source>
        <translation>Ventilspiel</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>right</source>
        <translation>richtig</translation>
    </message>
    <message>
        <source>dial turn</source>
        <translation>Umdrehung der Messuhr</translation>
    </message>
    <message>
        <source>spring</source>
        <translation>Feder</translation>
    </message>
    <message>
        <source>checking heights</source>
        <translation>Prüfhübe</translation>
    </message>
    <message>
        <source>way of calling the centre</source>
        <translation>Art, die Mitte zu bestimmen</translation>
    </message>
    <message>
        <source>figures on the slate</source>
        <translation>Werte auf der Tafel</translation>
    </message>
    <message>
        <source>state kept to compare</source>
        <translation>Stand zum Vergleich</translation>
    </message>
    <message>
        <source>wheel&apos;s numbers</source>
        <translation>Teilung der Gradscheibe</translation>
    </message>
    <message>
        <source>events only</source>
        <translation>nur Steuerpunkte</translation>
    </message>
    <message>
        <source>%1%2 %3 at %4</source>
        <translation>%1%2 %3 bei %4</translation>
    </message>
    <message>
        <source>striking the </source>
        <translation>Streichen: </translation>
    </message>
    <message>
        <source>reading</source>
        <translation>Messwert</translation>
    </message>
    <message>
        <source>striking the contact %1</source>
        <translation>Streichen der Berührung %1</translation>
    </message>
    <message>
        <source>contact %1 of pass %2</source>
        <translation>Berührung %1 von Durchgang %2</translation>
    </message>
    <message>
        <source>%1 lift table</source>
        <translation>Hubtabelle %1</translation>
    </message>
    <message>
        <source>new %1 run</source>
        <translation>neue Messreihe %1</translation>
    </message>
    <message>
        <source>conditions of the %1 run</source>
        <translation>Bedingungen der Messreihe %1</translation>
    </message>
    <message>
        <source>%1 of the %2 run</source>
        <translation>%1 der Messreihe %2</translation>
    </message>
    <message>
        <source>shift of the readings</source>
        <translation>Verschiebung der Messwerte</translation>
    </message>
    <message>
        <source>change %1 of the cam&apos;s setting</source>
        <translation>Änderung %1 der Einstellung</translation>
    </message>
    <message>
        <source>name of the job</source>
        <translation>Name des Auftrags</translation>
    </message>
    <message>
        <source>reading %1</source>
        <translation>Messwert %1</translation>
    </message>
    <message>
        <source>Entry line</source>
        <translation>Eingabezeile</translation>
    </message>
    <message>
        <source>Enter  </source>
        <translation>Enter  </translation>
    </message>
    <message>
        <source>everything on disk
%1</source>
        <translation>alles auf der Platte
%1</translation>
    </message>
    <message>
        <source>%1   Up, Down  another fact</source>
        <translation>%1   Auf, Ab  andere Angabe</translation>
    </message>
    <message>
        <source>reads as </source>
        <translation>gelesen als </translation>
    </message>
    <message>
        <source>Not kept; see the message above.</source>
        <translation>Nicht behalten; siehe die Meldung oben.</translation>
    </message>
    <message>
        <source>%1 is hardly right for %2: expected %3 to %4.</source>
        <translation>%1 ist für %2 kaum richtig: erwartet %3 bis %4.</translation>
    </message>
    <message>
        <source> in</source>
        <translation> in</translation>
    </message>
    <message>
        <source>%1: type something such as %2.</source>
        <translation>%1: etwa %2 eingeben.</translation>
    </message>
    <message>
        <source>a name</source>
        <translation>ein Name</translation>
    </message>
    <message>
        <source>Keep a name under 80 letters.</source>
        <translation>Ein Name unter 80 Zeichen.</translation>
    </message>
    <message>
        <source>Bore</source>
        <translation>Bohrung</translation>
    </message>
    <message>
        <source>Stroke</source>
        <translation>Kolbenhub</translation>
    </message>
    <message>
        <source>No more than %1 of them.</source>
        <translation>Nicht mehr als %1 davon.</translation>
    </message>
    <message>
        <source>Type the number: %1.</source>
        <translation>Die Nummer eingeben: %1.</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>log what is typed and go on</source>
        <translation>Eingabe festhalten und weiter</translation>
    </message>
    <message>
        <source>Backspace in an empty line</source>
        <translation>Rücktaste in leerer Zeile</translation>
    </message>
    <message>
        <source>strike the last reading</source>
        <translation>letzten Messwert streichen</translation>
    </message>
    <message>
        <source>Up, Down</source>
        <translation>Auf, Ab</translation>
    </message>
    <message>
        <source>another angle, another fact</source>
        <translation>anderer Winkel, andere Angabe</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>clear the line, or leave what was asked</source>
        <translation>Zeile leeren oder die Frage verlassen</translation>
    </message>
    <message>
        <source>Ctrl+Up, Ctrl+Down</source>
        <translation>Strg+Auf, Strg+Ab</translation>
    </message>
    <message>
        <source>what was typed before</source>
        <translation>frühere Eingaben</translation>
    </message>
    <message>
        <source>Tab</source>
        <translation>Tab</translation>
    </message>
    <message>
        <source>to the pictures and lists; arrows and Enter there; a digit leads back to the line</source>
        <translation>zu Bildern und Listen; dort Pfeile und Enter; eine Ziffer führt zurück zur Zeile</translation>
    </message>
    <message>
        <source>Delete on a reading in the log</source>
        <translation>Entf auf einem Messwert der Liste</translation>
    </message>
    <message>
        <source>strike it, with a reason</source>
        <translation>streichen, mit Grund</translation>
    </message>
    <message>
        <source>Space on a figure of the slate</source>
        <translation>Leertaste auf einem Wert der Tafel</translation>
    </message>
    <message>
        <source>where does it come from?</source>
        <translation>Woher kommt er?</translation>
    </message>
    <message>
        <source>At %1 now: a letter alone, then Enter</source>
        <translation>Jetzt bei %1: ein Buchstabe allein, dann Enter</translation>
    </message>
    <message>
        <source>The entry line</source>
        <translation>Die Eingabezeile</translation>
    </message>
    <message>
        <source>What it understands</source>
        <translation>Was sie versteht</translation>
    </message>
    <message>
        <source>Everywhere</source>
        <translation>Überall</translation>
    </message>
    <message>
        <source>done again: </source>
        <translation>wiederholt: </translation>
    </message>
    <message>
        <source>undone: </source>
        <translation>zurückgenommen: </translation>
    </message>
    <message>
        <source>Keep what is in hand as a new book</source>
        <translation>Was in Arbeit ist als neues Buch behalten</translation>
    </message>
    <message>
        <source>Books (*.amber)</source>
        <translation>Bücher (*.amber)</translation>
    </message>
    <message>
        <source>The language changes when Amber Lobe is started again.</source>
        <translation>Die Sprache wechselt beim nächsten Start von Amber Lobe.</translation>
    </message>
    <message>
        <source>Start a job first; then drop the table on it.</source>
        <translation>Erst einen Auftrag beginnen; dann die Tabelle darauf ziehen.</translation>
    </message>
    <message>
        <source>%1: %2 readings are now a run of cylinder %3 %4, taken at the %5. Undo takes it away.</source>
        <translation>%1: %2 Messwerte sind jetzt eine Messreihe von Zylinder %3 %4, gemessen am %5. Rückgängig nimmt sie weg.</translation>
    </message>
    <message>
        <source>The lobe at hand has no readings to write.</source>
        <translation>Dieser Nocken hat keine Messwerte zum Schreiben.</translation>
    </message>
    <message>
        <source>Write lift table</source>
        <translation>Hubtabelle schreiben</translation>
    </message>
    <message>
        <source>Lift tables (*.csv)</source>
        <translation>Hubtabellen (*.csv)</translation>
    </message>
    <message>
        <source>%1 is no lift table. Replace it?</source>
        <translation>%1 ist keine Hubtabelle. Ersetzen?</translation>
    </message>
    <message>
        <source>%1 was left as it is.</source>
        <translation>%1 blieb, wie es war.</translation>
    </message>
    <message>
        <source>%1 is written.</source>
        <translation>%1 ist geschrieben.</translation>
    </message>
    <message>
        <source>&amp;Job</source>
        <translation>&amp;Auftrag</translation>
    </message>
    <message>
        <source>New job</source>
        <translation>Neuer Auftrag</translation>
    </message>
    <message>
        <source>Open book…</source>
        <translation>Buch öffnen…</translation>
    </message>
    <message>
        <source>New book…</source>
        <translation>Neues Buch…</translation>
    </message>
    <message>
        <source>Keep what is in hand as a new book…</source>
        <translation>Was in Arbeit ist als neues Buch behalten…</translation>
    </message>
    <message>
        <source>Open the demo</source>
        <translation>Beispiel öffnen</translation>
    </message>
    <message>
        <source>Read lift table…</source>
        <translation>Hubtabelle lesen…</translation>
    </message>
    <message>
        <source>Read lift table</source>
        <translation>Hubtabelle lesen</translation>
    </message>
    <message>
        <source>Lift tables (*.csv *.txt);;All files (*)</source>
        <translation>Hubtabellen (*.csv *.txt);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Write lift table…</source>
        <translation>Hubtabelle schreiben…</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>New run of this lobe</source>
        <translation>Neue Messreihe dieses Nockens</translation>
    </message>
    <message>
        <source>Another cam card</source>
        <translation>Weiteres Datenblatt</translation>
    </message>
    <message>
        <source>Fit the next card</source>
        <translation>Nächstes Datenblatt nehmen</translation>
    </message>
    <message>
        <source>No card is fitted</source>
        <translation>Kein Datenblatt gilt</translation>
    </message>
    <message>
        <source>The other lobe</source>
        <translation>Der andere Nocken</translation>
    </message>
    <message>
        <source>Next cylinder</source>
        <translation>Nächster Zylinder</translation>
    </message>
    <message>
        <source>No other card is at hand. Ctrl+K starts one.</source>
        <translation>Kein anderes Datenblatt liegt bereit. Strg+K beginnt eines.</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>A&amp;nsicht</translation>
    </message>
    <message>
        <source>To the entry line</source>
        <translation>Zur Eingabezeile</translation>
    </message>
    <message>
        <source>Still to be taken</source>
        <translation>Noch zu messen</translation>
    </message>
    <message>
        <source>At the stand, at the desk</source>
        <translation>Am Motor, am Tisch</translation>
    </message>
    <message>
        <source>Tick when a reading is logged</source>
        <translation>Ticken, wenn ein Wert festgehalten ist</translation>
    </message>
    <message>
        <source>Millimetres or inches</source>
        <translation>Millimeter oder Zoll</translation>
    </message>
    <message>
        <source>Light or dark</source>
        <translation>Hell oder dunkel</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>As the system has it</source>
        <translation>Wie das System</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Open book</source>
        <translation>Buch öffnen</translation>
    </message>
    <message>
        <source>Books (*.amber);;All files (*)</source>
        <translation>Bücher (*.amber);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>New book</source>
        <translation>Neues Buch</translation>
    </message>
    <message>
        <source>Undo </source>
        <translation>Rückgängig: </translation>
    </message>
    <message>
        <source>Redo </source>
        <translation>Wiederholen: </translation>
    </message>
    <message>
        <source>Back to </source>
        <translation>Zurück zu </translation>
    </message>
    <message>
        <source>Route</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>next: </source>
        <translation>als Nächstes: </translation>
    </message>
    <message>
        <source>a newer version wrote what this one does not know (%1)</source>
        <translation>eine neuere Version schrieb, was diese nicht kennt (%1)</translation>
    </message>
    <message>
        <source>%1 stands there already; nothing was written. Choose a name that is free.</source>
        <translation>Dort steht schon %1; nichts wurde geschrieben. Einen freien Namen wählen.</translation>
    </message>
    <message>
        <source>choose figures</source>
        <translation>Werte wählen</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Werte</translation>
    </message>
    <message>
        <source>Slate</source>
        <translation>Tafel</translation>
    </message>
    <message>
        <source>done choosing</source>
        <translation>fertig gewählt</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1: where from?&lt;/b&gt;&lt;br&gt;%2</source>
        <translation>&lt;b&gt;%1: woher?&lt;/b&gt;&lt;br&gt;%2</translation>
    </message>
    <message>
        <source>cyl %1</source>
        <translation>Zyl. %1</translation>
    </message>
    <message>
        <source>card: </source>
        <translation>Datenblatt: </translation>
    </message>
    <message>
        <source>on the slate</source>
        <translation>auf der Tafel</translation>
    </message>
    <message>
        <source>Space: put on</source>
        <translation>Leertaste: dazu</translation>
    </message>
    <message>
        <source>Nothing of cylinder %1 is measured yet.</source>
        <translation>Von Zylinder %1 ist noch nichts gemessen.</translation>
    </message>
    <message>
        <source>Figures stand here as soon as the readings carry them: duration at each checking height, lobe centres, separation, overlap.</source>
        <translation>Hier stehen Werte, sobald die Messwerte sie tragen: Öffnungsdauer je Prüfhub, Nockenmitten, Spreizung, Überschneidung.</translation>
    </message>
    <message>
        <source>Choose a figure to ask: where from?</source>
        <translation>Einen Wert wählen und fragen: woher?</translation>
    </message>
    <message>
        <source>At the stand</source>
        <translation>Am Motor</translation>
    </message>
    <message>
        <source>if you like</source>
        <translation>wenn gewünscht</translation>
    </message>
    <message>
        <source>Nothing is left to be taken.</source>
        <translation>Nichts ist mehr zu messen.</translation>
    </message>
    <message>
        <source>Enter goes there, Esc stays</source>
        <translation>Enter geht dorthin, Esc bleibt</translation>
    </message>
    <message>
        <source>stand  F2</source>
        <translation>Motor  F2</translation>
    </message>
    <message>
        <source>Cylinder</source>
        <translation>Zylinder</translation>
    </message>
    <message>
        <source>cyl %1 of %2</source>
        <translation>Zyl. %1 von %2</translation>
    </message>
    <message>
        <source>cyl 1</source>
        <translation>Zyl. 1</translation>
    </message>
    <message>
        <source>Cylinder %1</source>
        <translation>Zylinder %1</translation>
    </message>
    <message>
        <source>desk  F2</source>
        <translation>Tisch  F2</translation>
    </message>
    <message>
        <source>in</source>
        <translation>in</translation>
    </message>
    <message>
        <source>Inches; switch to millimetres</source>
        <translation>Zoll; zu Millimetern wechseln</translation>
    </message>
    <message>
        <source>Millimetres; switch to inches</source>
        <translation>Millimeter; zu Zoll wechseln</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>dunkel</translation>
    </message>
    <message>
        <source>light</source>
        <translation>hell</translation>
    </message>
    <message>
        <source>Dark; switch to light</source>
        <translation>Dunkel; zu hell wechseln</translation>
    </message>
    <message>
        <source>Light; switch to dark</source>
        <translation>Hell; zu dunkel wechseln</translation>
    </message>
    <message>
        <source>Which engine is on the stand?</source>
        <translation>Welcher Motor steht auf dem Bock?</translation>
    </message>
    <message>
        <source>Look at the demo first</source>
        <translation>Erst das Beispiel ansehen</translation>
    </message>
    <message>
        <source>a new job</source>
        <translation>ein neuer Auftrag</translation>
    </message>
    <message>
        <source>what is it called?</source>
        <translation>wie heißt er?</translation>
    </message>
    <message>
        <source>start the job</source>
        <translation>Auftrag beginnen</translation>
    </message>
    <message>
        <source>Esc  back to the job</source>
        <translation>Esc  zurück zum Auftrag</translation>
    </message>
    <message>
        <source>Ctrl+D  the demo</source>
        <translation>Strg+D  das Beispiel</translation>
    </message>
    <message>
        <source>Type a name.</source>
        <translation>Einen Namen eingeben.</translation>
    </message>
    <message>
        <source>The job could not be kept.</source>
        <translation>Der Auftrag konnte nicht behalten werden.</translation>
    </message>
    <message>
        <source>Dynamic compression against advance</source>
        <translation>Dynamische Verdichtung über der Verstellung</translation>
    </message>
    <message>
        <source>dynamic ratio against advance; fuel limits a rough guide</source>
        <translation>dynamische Verdichtung über der Verstellung; Kraftstoffgrenzen grobe Richtwerte</translation>
    </message>
    <message>
        <source>dynamic ratio against advance, crank degrees</source>
        <translation>dynamische Verdichtung über der Verstellung, Grad Kurbelwelle</translation>
    </message>
    <message>
        <source>dynamic by advance; fuels a rough guide</source>
        <translation>dynamisch je Verstellung; Kraftstoffe grobe Richtwerte</translation>
    </message>
    <message>
        <source>dynamic by advance</source>
        <translation>dynamisch je Verstellung</translation>
    </message>
    <message>
        <source>, up to </source>
        <translation>, bis </translation>
    </message>
    <message>
        <source>Events at each checking height</source>
        <translation>Steuerpunkte je Prüfhub</translation>
    </message>
    <message>
        <source>%1 %2 duration %3</source>
        <translation>%1 %2 Öffnungsdauer %3</translation>
    </message>
    <message>
        <source>TDC overlap</source>
        <translation>OT Überschneidung</translation>
    </message>
    <message>
        <source>BDC</source>
        <translation>UT</translation>
    </message>
    <message>
        <source>checking height</source>
        <translation>Prüfhub</translation>
    </message>
    <message>
        <source>overlap</source>
        <translation>Überschneidung</translation>
    </message>
    <message>
        <source>| card</source>
        <translation>| Datenblatt</translation>
    </message>
    <message>
        <source>Middle of the events against height</source>
        <translation>Mitte der Steuerpunkte über der Höhe</translation>
    </message>
    <message>
        <source>middle of the events, by lift</source>
        <translation>Mitte der Steuerpunkte, je Hub</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>base</source>
        <translation>Grundkreis</translation>
    </message>
    <message>
        <source>Save picture…</source>
        <translation>Bild sichern…</translation>
    </message>
    <message>
        <source>Save picture</source>
        <translation>Bild sichern</translation>
    </message>
    <message>
        <source>Pictures (*.svg *.png)</source>
        <translation>Bilder (*.svg *.png)</translation>
    </message>
    <message>
        <source>Copy picture</source>
        <translation>Bild kopieren</translation>
    </message>
    <message>
        <source>Print picture…</source>
        <translation>Bild drucken…</translation>
    </message>
    <message>
        <source>Ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>, piston %1 down</source>
        <translation>, Kolben %1 unten</translation>
    </message>
    <message>
        <source> needle</source>
        <translation> Zeiger</translation>
    </message>
    <message>
        <source>Advance and retard</source>
        <translation>Früher und später</translation>
    </message>
    <message>
        <source>Advance and retard, </source>
        <translation>Früher und später, </translation>
    </message>
    <message>
        <source>as it stands</source>
        <translation>wie es steht</translation>
    </message>
    <message>
        <source> early</source>
        <translation> früh</translation>
    </message>
    <message>
        <source> late</source>
        <translation> spät</translation>
    </message>
    <message>
        <source>Strip</source>
        <translation>Streifen</translation>
    </message>
    <message>
        <source>off the curve</source>
        <translation>neben der Kurve</translation>
    </message>
    <message>
        <source>read %1 %2 again</source>
        <translation>%1 %2 nochmals messen</translation>
    </message>
    <message>
        <source>off the curve; grey: between %1 passes</source>
        <translation>neben der Kurve; grau: zwischen %1 Durchgängen</translation>
    </message>
    <message>
        <source>%1: at most %2 %3 apart, at %4</source>
        <translation>%1: höchstens %2 %3 auseinander, bei %4</translation>
    </message>
    <message>
        <source>velocity</source>
        <translation>Geschwindigkeit</translation>
    </message>
    <message>
        <source>/cam deg</source>
        <translation>/Grad Nockenwelle</translation>
    </message>
    <message>
        <source>acceleration</source>
        <translation>Beschleunigung</translation>
    </message>
    <message>
        <source>jerk</source>
        <translation>Ruck</translation>
    </message>
    <message>
        <source>%1, greatest %2 %3</source>
        <translation>%1, größte %2 %3</translation>
    </message>
    <message>
        <source>
struck: </source>
        <translation>
gestrichen: </translation>
    </message>
    <message>
        <source>Section of the cylinder with its volumes</source>
        <translation>Schnitt des Zylinders mit seinen Volumen</translation>
    </message>
    <message>
        <source>piston %1 down%2: %3 : 1</source>
        <translation>Kolben %1 unten%2: %3 : 1</translation>
    </message>
    <message>
        <source> at closing</source>
        <translation> beim Schließen</translation>
    </message>
    <message>
        <source> cc</source>
        <translation> cc</translation>
    </message>
    <message>
        <source>not known yet</source>
        <translation>noch nicht bekannt</translation>
    </message>
    <message>
        <source>swept</source>
        <translation>Hubraum</translation>
    </message>
    <message>
        <source>dome</source>
        <translation>Dom</translation>
    </message>
    <message>
        <source>dish</source>
        <translation>Mulde</translation>
    </message>
    <message>
        <source>Dynamic ratio by every way of calling the closing</source>
        <translation>Dynamische Verdichtung nach jeder Art, das Schließen zu bestimmen</translation>
    </message>
    <message>
        <source>Knock destroys engines. Fuel limits are your own, and a rough guide at best; cranking pressure is an estimate. The maker&apos;s manual and a gauge have the last word.</source>
        <translation>Klopfen zerstört Motoren. Kraftstoffgrenzen setzt jeder selbst, sie sind bestenfalls Richtwerte; der Kompressionsdruck ist eine Schätzung. Das letzte Wort haben Herstellerhandbuch und Messgerät.</translation>
    </message>
    <message>
        <source>keep, the next; Esc ends</source>
        <translation>behalten, die nächste; Esc beendet</translation>
    </message>
    <message>
        <source>compression, cyl %1</source>
        <translation>Verdichtung, Zyl. %1</translation>
    </message>
    <message>
        <source>advance to try?</source>
        <translation>Verstellung probieren?</translation>
    </message>
    <message>
        <source>move the slide there</source>
        <translation>Schieber dorthin</translation>
    </message>
    <message>
        <source>reach 8.5   Down  volumes   K  keep to compare   I  at closing</source>
        <translation>reach 8.5   Ab  Volumen   K  zum Vergleich behalten   I  beim Schließen</translation>
    </message>
    <message>
        <source>A dynamic ratio between 4 and 20, such as reach 8.5.</source>
        <translation>Eine dynamische Verdichtung zwischen 4 und 20, etwa reach 8.5.</translation>
    </message>
    <message>
        <source>what reaches a dynamic ratio of </source>
        <translation>was führt zur dynamischen Verdichtung </translation>
    </message>
    <message>
        <source>The slide ends at 15 degrees either way.</source>
        <translation>Der Schieber endet bei 15 Grad beiderseits.</translation>
    </message>
    <message>
        <source>the piston where the intake closes</source>
        <translation>der Kolben, wo der Einlass schließt</translation>
    </message>
    <message>
        <source>let go of the state kept, or keep this one</source>
        <translation>den behaltenen Stand lassen, oder diesen behalten</translation>
    </message>
    <message>
        <source>keep this state to compare with</source>
        <translation>diesen Stand zum Vergleich behalten</translation>
    </message>
    <message>
        <source>Bore, stroke and rod come first, at Engine or further down here.</source>
        <translation>Bohrung, Kolbenhub und Pleuel kommen zuerst, bei Motor oder weiter unten hier.</translation>
    </message>
    <message>
        <source>There is no ratio: </source>
        <translation>Keine Verdichtung: </translation>
    </message>
    <message>
        <source> It is within your limit for %1.</source>
        <translation> Das liegt innerhalb der Grenze für %1.</translation>
    </message>
    <message>
        <source> It is beyond every limit you set.</source>
        <translation> Das liegt über jeder gesetzten Grenze.</translation>
    </message>
    <message>
        <source> with the cam </source>
        <translation> mit der Nockenwelle </translation>
    </message>
    <message>
        <source>intake closes by</source>
        <translation>Einlass schließt nach</translation>
    </message>
    <message>
        <source>to 1</source>
        <translation>zu 1</translation>
    </message>
    <message>
        <source>ABDC, by</source>
        <translation>n. UT, nach</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1 : 1&lt;/b&gt; cannot be reached by advance, chamber, gasket, deck or crown alone.</source>
        <translation>&lt;b&gt;%1 : 1&lt;/b&gt; ist durch Verstellung, Brennraum, Dichtung, Rückstand oder Kolbenboden allein nicht erreichbar.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1 : 1&lt;/b&gt; is reached by this alone, all else as shown: %2.</source>
        <translation>&lt;b&gt;%1 : 1&lt;/b&gt; erreicht dies allein, alles andere wie gezeigt: %2.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1 : 1&lt;/b&gt; is reached by any one of these, all else as shown: %2.</source>
        <translation>&lt;b&gt;%1 : 1&lt;/b&gt; erreicht jedes davon für sich, alles andere wie gezeigt: %2.</translation>
    </message>
    <message>
        <source>Kept state against this: static %1 to &lt;b&gt;%2&lt;/b&gt;, dynamic %3 to &lt;b&gt;%4&lt;/b&gt;, cranking %5 to &lt;b&gt;%6&lt;/b&gt;.</source>
        <translation>Behaltener Stand gegen diesen: statisch %1 zu &lt;b&gt;%2&lt;/b&gt;, dynamisch %3 zu &lt;b&gt;%4&lt;/b&gt;, Kompressionsdruck %5 zu &lt;b&gt;%6&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>cyl %1 %2 cc, %3</source>
        <translation>Zyl. %1 %2 cc, %3</translation>
    </message>
    <message>
        <source>Clearance and static: </source>
        <translation>Kompressionsvolumen und statisch: </translation>
    </message>
    <message>
        <source>&lt;span style=&apos;font-size:28px; font-weight:bold;&apos;&gt;%1&lt;/span&gt; dynamic &amp;nbsp; &lt;span style=&apos;font-size:20px;&apos;&gt;%2&lt;/span&gt; static &amp;nbsp; cranking&amp;nbsp;%3</source>
        <translation>&lt;span style=&apos;font-size:28px; font-weight:bold;&apos;&gt;%1&lt;/span&gt; dynamisch &amp;nbsp; &lt;span style=&apos;font-size:20px;&apos;&gt;%2&lt;/span&gt; statisch &amp;nbsp; Kompressionsdruck&amp;nbsp;%3</translation>
    </message>
    <message>
        <source>poured with a burette</source>
        <translation>mit der Bürette ausgelitert</translation>
    </message>
    <message>
        <source>reckoned from dimensions</source>
        <translation>aus Maßen gerechnet</translation>
    </message>
    <message>
        <source>given by the maker</source>
        <translation>vom Hersteller angegeben</translation>
    </message>
    <message>
        <source>A volume in cc such as 42, or a round recess as %1.</source>
        <translation>Ein Volumen in cc wie 42, oder eine runde Mulde als %1.</translation>
    </message>
    <message>
        <source>%1 is hardly right for %2: expected %3 to %4%5.</source>
        <translation>%1 ist für %2 kaum richtig: erwartet %3 bis %4%5.</translation>
    </message>
    <message>
        <source>This engine has %1 cylinders.</source>
        <translation>Dieser Motor hat %1 Zylinder.</translation>
    </message>
    <message>
        <source>Crown</source>
        <translation>Kolbenboden</translation>
    </message>
    <message>
        <source>dish in cc, minus for a dome; 60x3 a round dish; or what was poured and how far down: 60 down 8</source>
        <translation>Mulde in cc, Minus für einen Dom; 60x3 eine runde Mulde; oder was eingelitert wurde und wie tief: 60 down 8</translation>
    </message>
    <message>
        <source> down </source>
        <translation> unten </translation>
    </message>
    <message>
        <source>The bore comes first.</source>
        <translation>Die Bohrung kommt zuerst.</translation>
    </message>
    <message>
        <source>That makes a crown of %1 cc: hardly right.</source>
        <translation>Das ergibt einen Kolbenboden von %1 cc: kaum richtig.</translation>
    </message>
    <message>
        <source>Deck, below the face</source>
        <translation>Rückstand unter der Blockfläche</translation>
    </message>
    <message>
        <source>minus above the face; by cylinder; tdc  as measured at TDC</source>
        <translation>Minus darüber; je Zylinder; tdc  wie bei OT gemessen</translation>
    </message>
    <message>
        <source>No deck was measured at the TDC station yet.</source>
        <translation>Bei OT wurde noch kein Rückstand gemessen.</translation>
    </message>
    <message>
        <source>Fuel limits</source>
        <translation>Kraftstoffgrenzen</translation>
    </message>
    <message>
        <source>a rough guide to edit: a name and its dynamic ratio, or a name and -</source>
        <translation>Richtwerte zum Ändern: ein Name und seine dynamische Verdichtung, oder ein Name und -</translation>
    </message>
    <message>
        <source>A name, then its dynamic ratio, such as methanol 11.</source>
        <translation>Ein Name, dann seine dynamische Verdichtung, etwa methanol 11.</translation>
    </message>
    <message>
        <source>No fuel of that name is in the table.</source>
        <translation>Kein Kraftstoff dieses Namens steht in der Tabelle.</translation>
    </message>
    <message>
        <source>A dynamic ratio of %1 is hardly right: expected 4 to 20.</source>
        <translation>Eine dynamische Verdichtung von %1 ist kaum richtig: erwartet 4 bis 20.</translation>
    </message>
    <message>
        <source>Eight fuels are enough; take one away first.</source>
        <translation>Acht Kraftstoffe genügen; erst einen wegnehmen.</translation>
    </message>
    <message>
        <source>compression</source>
        <translation>Verdichtung</translation>
    </message>
    <message>
        <source>Chamber</source>
        <translation>Brennraum</translation>
    </message>
    <message>
        <source>cc, valves and plug fitted; or each cylinder&apos;s: 42 42.4 41.8</source>
        <translation>cc, mit Ventilen und Kerze; oder je Zylinder: 42 42.4 41.8</translation>
    </message>
    <message>
        <source>Gasket bore</source>
        <translation>Bohrung der Dichtung</translation>
    </message>
    <message>
        <source>Gasket, tightened</source>
        <translation>Dichtung, angezogen</translation>
    </message>
    <message>
        <source>Crevice above the ring</source>
        <translation>Spalt über dem Ring</translation>
    </message>
    <message>
        <source>Rod, centre to centre</source>
        <translation>Pleuel, Mitte zu Mitte</translation>
    </message>
    <message>
        <source>Pin offset</source>
        <translation>Bolzenversatz</translation>
    </message>
    <message>
        <source>Volumes are</source>
        <translation>Volumen sind</translation>
    </message>
    <message>
        <source>Intake closes by</source>
        <translation>Einlass schließt nach</translation>
    </message>
    <message>
        <source>Own height, valve lift</source>
        <translation>Eigene Höhe, Ventilhub</translation>
    </message>
    <message>
        <source>Wanted dynamic ratio</source>
        <translation>Gewünschte dynamische Verdichtung</translation>
    </message>
    <message>
        <source>0 for none</source>
        <translation>0 für keine</translation>
    </message>
    <message>
        <source>Altitude</source>
        <translation>Höhe über Meer</translation>
    </message>
    <message>
        <source>metres</source>
        <translation>Meter</translation>
    </message>
    <message>
        <source>Exponent</source>
        <translation>Exponent</translation>
    </message>
    <message>
        <source>of the compression, 1.2 to 1.3</source>
        <translation>der Verdichtung, 1,2 bis 1,3</translation>
    </message>
    <message>
        <source>no volumes yet</source>
        <translation>noch keine Volumen</translation>
    </message>
    <message>
        <source>cannot be: look again</source>
        <translation>kann nicht sein: nachsehen</translation>
    </message>
    <message>
        <source>static </source>
        <translation>statisch </translation>
    </message>
    <message>
        <source>dynamic %1, %2</source>
        <translation>dynamisch %1, %2</translation>
    </message>
    <message>
        <source>reach 8.5  at Compression</source>
        <translation>erreichen 8,5  bei Verdichtung</translation>
    </message>
    <message>
        <source>what reaches a dynamic ratio</source>
        <translation>was zu einer dynamischen Verdichtung führt</translation>
    </message>
    <message>
        <source>Compression</source>
        <translation>Verdichtung</translation>
    </message>
    <message>
        <source>Facts of the engine and its cam card</source>
        <translation>Angaben zum Motor und zum Datenblatt</translation>
    </message>
    <message>
        <source>keep, go to TDC</source>
        <translation>behalten, zum OT</translation>
    </message>
    <message>
        <source>keep, go to %1</source>
        <translation>behalten, zu %1</translation>
    </message>
    <message>
        <source>   Ctrl+2  on to TDC</source>
        <translation>   Strg+2  weiter zum OT</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>asked now</source>
        <translation>jetzt gefragt</translation>
    </message>
    <message>
        <source>now  </source>
        <translation>jetzt  </translation>
    </message>
    <message>
        <source>A rod of %1 cannot span a stroke of %2. Check both.</source>
        <translation>Ein Pleuel von %1 kann einen Hub von %2 nicht überspannen. Beide prüfen.</translation>
    </message>
    <message>
        <source>What is on the stand? Bore, stroke and rod give the piston its place; the card can wait.</source>
        <translation>Was steht auf dem Bock? Bohrung, Hub und Pleuel geben dem Kolben seinen Platz; das Datenblatt kann warten.</translation>
    </message>
    <message>
        <source>The engine is described. Add the cam&apos;s card if it came with one. Next: %1.</source>
        <translation>Der Motor ist beschrieben. Das Datenblatt der Nockenwelle eingeben, wenn es eines gibt. Als Nächstes: %1.</translation>
    </message>
    <message>
        <source>The engine is described, and its cam should be %1%2. Next: %3.</source>
        <translation>Der Motor ist beschrieben, seine Nockenwelle sollte %1 sein%2. Als Nächstes: %3.</translation>
    </message>
    <message>
        <source> (1 more card at hand, Ctrl+Shift+K fits it)</source>
        <translation> (1 weiteres Datenblatt liegt bereit, Strg+Umschalt+K nimmt es)</translation>
    </message>
    <message>
        <source>Cylinders</source>
        <translation>Zylinder</translation>
    </message>
    <message>
        <source>1 to 16</source>
        <translation>1 bis 16</translation>
    </message>
    <message>
        <source>Type a whole number of cylinders, 1 to 16.</source>
        <translation>Eine ganze Zahl von Zylindern, 1 bis 16.</translation>
    </message>
    <message>
        <source>With these throws and banks the cylinders cannot fire in the order %1 within two turns. Check which pin is behind which, and of a V its bank angle and second bank.</source>
        <translation>Mit diesen Kröpfungen und Bänken können die Zylinder nicht in der Folge %1 in zwei Umdrehungen zünden. Prüfen, welcher Zapfen hinter welchem steht, und beim V Bankwinkel und zweite Bank.</translation>
    </message>
    <message>
        <source>Firing order</source>
        <translation>Zündfolge</translation>
    </message>
    <message>
        <source>every cylinder once: 1 3 4 2; odd firing with its gaps: 1 2 / 270 450; - for none</source>
        <translation>jeder Zylinder einmal: 1 3 4 2; ungleich mit Abständen: 1 2 / 270 450; - für keine</translation>
    </message>
    <message>
        <source>Every cylinder of the %1 once, in the order they fire, such as 1 3 4 2.</source>
        <translation>Jeder Zylinder von %1 einmal, in der Zündfolge, etwa 1 3 4 2.</translation>
    </message>
    <message>
        <source>As many gaps as cylinders, 720 degrees in all.</source>
        <translation>So viele Abstände wie Zylinder, zusammen 720 Grad.</translation>
    </message>
    <message>
        <source>Crank throws</source>
        <translation>Kröpfungen</translation>
    </message>
    <message>
        <source>each pin behind that of cylinder 1, in the running direction: 0 180 180 0; - for even firing</source>
        <translation>jeder Zapfen hinter dem von Zylinder 1, in Drehrichtung: 0 180 180 0; - für gleichmäßige Zündung</translation>
    </message>
    <message>
        <source>One angle for each of the %1 cylinders, 0 up to 360, that of cylinder 1 being 0.</source>
        <translation>Ein Winkel für jeden der %1 Zylinder, 0 bis 360, der von Zylinder 1 ist 0.</translation>
    </message>
    <message>
        <source>Bank the crank comes to second</source>
        <translation>Bank, zu der die Kurbel als zweite kommt</translation>
    </message>
    <message>
        <source>its cylinders: 2 4; - for an engine in line</source>
        <translation>ihre Zylinder: 2 4; - für einen Reihenmotor</translation>
    </message>
    <message>
        <source>Cylinders by their numbers, 1 to %1.</source>
        <translation>Zylinder nach ihren Nummern, 1 bis %1.</translation>
    </message>
    <message>
        <source>Checking height</source>
        <translation>Prüfhub</translation>
    </message>
    <message>
        <source>height, then t at the tappet or v at the valve</source>
        <translation>Höhe, dann t am Stößel oder v am Ventil</translation>
    </message>
    <message>
        <source>engine</source>
        <translation>Motor</translation>
    </message>
    <message>
        <source>Engine</source>
        <translation>Motor</translation>
    </message>
    <message>
        <source>The engine</source>
        <translation>Der Motor</translation>
    </message>
    <message>
        <source>Rod length</source>
        <translation>Pleuellänge</translation>
    </message>
    <message>
        <source>Runs, seen from the drive end</source>
        <translation>Dreht, von der Antriebsseite gesehen</translation>
    </message>
    <message>
        <source>Camshafts</source>
        <translation>Nockenwellen</translation>
    </message>
    <message>
        <source>Follower</source>
        <translation>Stößel</translation>
    </message>
    <message>
        <source>valve over tappet, 1 for direct</source>
        <translation>Ventil zu Stößel, 1 bei direktem Antrieb</translation>
    </message>
    <message>
        <source>Rocker ratio, intake</source>
        <translation>Kipphebelübersetzung, Einlass</translation>
    </message>
    <message>
        <source>Rocker ratio, exhaust</source>
        <translation>Kipphebelübersetzung, Auslass</translation>
    </message>
    <message>
        <source>Lash, intake</source>
        <translation>Ventilspiel, Einlass</translation>
    </message>
    <message>
        <source>Lash, exhaust</source>
        <translation>Ventilspiel, Auslass</translation>
    </message>
    <message>
        <source> follows</source>
        <translation> folgt</translation>
    </message>
    <message>
        <source>greatest lift; - for none</source>
        <translation>größter Hub; - für keinen</translation>
    </message>
    <message>
        <source>; at this valve </source>
        <translation>; an diesem Ventil </translation>
    </message>
    <message>
        <source>One event, a lobe&apos;s two as 12/40, or all four as 12-40-52-4: intake opens, closes, exhaust opens, closes.</source>
        <translation>Ein Steuerpunkt, die zwei eines Nockens als 12/40, oder alle vier als 12-40-52-4: Einlass öffnet, schließt, Auslass öffnet, schließt.</translation>
    </message>
    <message>
        <source>An event of a card lies within 150 degrees.</source>
        <translation>Ein Steuerpunkt eines Datenblatts liegt innerhalb von 150 Grad.</translation>
    </message>
    <message>
        <source>Cam</source>
        <translation>Nockenwelle</translation>
    </message>
    <message>
        <source>Its cam card, if there is one</source>
        <translation>Ihr Datenblatt, wenn es eines gibt</translation>
    </message>
    <message>
        <source>; minus when on the other side; - for none</source>
        <translation>; Minus auf der anderen Seite; - für keinen</translation>
    </message>
    <message>
        <source>Intake opens</source>
        <translation>Einlass öffnet</translation>
    </message>
    <message>
        <source>degrees before TDC</source>
        <translation>Grad vor OT</translation>
    </message>
    <message>
        <source>Intake closes</source>
        <translation>Einlass schließt</translation>
    </message>
    <message>
        <source>degrees after BDC</source>
        <translation>Grad nach UT</translation>
    </message>
    <message>
        <source>Exhaust opens</source>
        <translation>Auslass öffnet</translation>
    </message>
    <message>
        <source>degrees before BDC</source>
        <translation>Grad vor UT</translation>
    </message>
    <message>
        <source>Exhaust closes</source>
        <translation>Auslass schließt</translation>
    </message>
    <message>
        <source>degrees after TDC</source>
        <translation>Grad nach OT</translation>
    </message>
    <message>
        <source>Intake lift</source>
        <translation>Hub Einlass</translation>
    </message>
    <message>
        <source>Exhaust lift</source>
        <translation>Hub Auslass</translation>
    </message>
    <message>
        <source>; - for none</source>
        <translation>; - für keine</translation>
    </message>
    <message>
        <source>Intake duration</source>
        <translation>Öffnungsdauer Einlass</translation>
    </message>
    <message>
        <source>at that height</source>
        <translation>bei dieser Höhe</translation>
    </message>
    <message>
        <source>Exhaust duration</source>
        <translation>Öffnungsdauer Auslass</translation>
    </message>
    <message>
        <source>Intake centre</source>
        <translation>Mitte Einlass</translation>
    </message>
    <message>
        <source>Exhaust centre</source>
        <translation>Mitte Auslass</translation>
    </message>
    <message>
        <source>Lobe separation</source>
        <translation>Spreizung</translation>
    </message>
    <message>
        <source>cam degrees</source>
        <translation>Grad Nockenwelle</translation>
    </message>
    <message>
        <source>Ground-in advance</source>
        <translation>Eingeschliffene Frühstellung</translation>
    </message>
    <message>
        <source>crank degrees, minus when retarded</source>
        <translation>Grad Kurbelwelle, Minus bei Spätstellung</translation>
    </message>
    <message>
        <source>Advertised at</source>
        <translation>Katalogwert bei</translation>
    </message>
    <message>
        <source>Advertised, intake</source>
        <translation>Katalog, Einlass</translation>
    </message>
    <message>
        <source>duration</source>
        <translation>Öffnungsdauer</translation>
    </message>
    <message>
        <source>Advertised, exhaust</source>
        <translation>Katalog, Auslass</translation>
    </message>
    <message>
        <source>Lift given at the</source>
        <translation>Hub angegeben am</translation>
    </message>
    <message>
        <source>Ratio it assumes</source>
        <translation>Übersetzung im Datenblatt</translation>
    </message>
    <message>
        <source>for a valve lift</source>
        <translation>für einen Ventilhub</translation>
    </message>
    <message>
        <source>Lash it wants, intake</source>
        <translation>Verlangtes Ventilspiel, Einlass</translation>
    </message>
    <message>
        <source>Lash it wants, exhaust</source>
        <translation>Verlangtes Ventilspiel, Auslass</translation>
    </message>
    <message>
        <source>Other cylinders</source>
        <translation>Andere Zylinder</translation>
    </message>
    <message>
        <source>Bank angle</source>
        <translation>Bankwinkel</translation>
    </message>
    <message>
        <source>of a V; 180 flat, 0 in line</source>
        <translation>eines V; 180 Boxer, 0 Reihe</translation>
    </message>
    <message>
        <source>Job</source>
        <translation>Auftrag</translation>
    </message>
    <message>
        <source>This job</source>
        <translation>Dieser Auftrag</translation>
    </message>
    <message>
        <source>job</source>
        <translation>Auftrag</translation>
    </message>
    <message>
        <source>cam card</source>
        <translation>Datenblatt</translation>
    </message>
    <message>
        <source>Section of the engine</source>
        <translation>Schnitt des Motors</translation>
    </message>
    <message>
        <source>drive end</source>
        <translation>Antriebsseite</translation>
    </message>
    <message>
        <source>
lash </source>
        <translation>
Spiel </translation>
    </message>
    <message>
        <source>not described yet</source>
        <translation>noch nicht beschrieben</translation>
    </message>
    <message>
        <source>, rod </source>
        <translation>, Pleuel </translation>
    </message>
    <message>
        <source>, rod not known</source>
        <translation>, Pleuel nicht bekannt</translation>
    </message>
    <message>
        <source>back to zero</source>
        <translation>zurück auf null</translation>
    </message>
    <message>
        <source>before the nose</source>
        <translation>vor der Spitze</translation>
    </message>
    <message>
        <source>after the nose</source>
        <translation>nach der Spitze</translation>
    </message>
    <message>
        <source>opens</source>
        <translation>öffnet</translation>
    </message>
    <message>
        <source>closes</source>
        <translation>schließt</translation>
    </message>
    <message>
        <source>highest</source>
        <translation>am höchsten</translation>
    </message>
    <message>
        <source> at </source>
        <translation> bei </translation>
    </message>
    <message>
        <source>, mean of %1, range %2</source>
        <translation>, Mittel von %1, Spanne %2</translation>
    </message>
    <message>
        <source>, without %1</source>
        <translation>, ohne %1</translation>
    </message>
    <message>
        <source>centre %1 %2%3</source>
        <translation>Mitte %1 %2%3</translation>
    </message>
    <message>
        <source>leans %1 from the shallowest drop to the deepest</source>
        <translation>neigt sich um %1 vom flachsten Abfall zum tiefsten</translation>
    </message>
    <message>
        <source>centre taken</source>
        <translation>Mitte gemessen</translation>
    </message>
    <message>
        <source>events complete</source>
        <translation>Steuerpunkte vollständig</translation>
    </message>
    <message>
        <source>back on the base circle: indicator?</source>
        <translation>zurück auf dem Grundkreis: Messuhr?</translation>
    </message>
    <message>
        <source>log what it reads there</source>
        <translation>festhalten, was sie dort zeigt</translation>
    </message>
    <message>
        <source>0 when it came home   N not now   Back strike</source>
        <translation>0, wenn sie heimkam   N jetzt nicht   Rücktaste streicht</translation>
    </message>
    <message>
        <source>highest: wheel and lift?</source>
        <translation>am höchsten: Scheibe und Hub?</translation>
    </message>
    <message>
        <source>highest: wheel?</source>
        <translation>am höchsten: Scheibe?</translation>
    </message>
    <message>
        <source>%1 under, %2: wheel?</source>
        <translation>%1 darunter, %2: Scheibe?</translation>
    </message>
    <message>
        <source>log; go back well past it, then come up to it</source>
        <translation>festhalten; weit zurück, dann wieder heran</translation>
    </message>
    <message>
        <source>log, go on turning</source>
        <translation>festhalten, weiterdrehen</translation>
    </message>
    <message>
        <source>expects %1 %2; b, a, bb, ab, x say otherwise   N not now   Back strike</source>
        <translation>erwartet %1 %2; b, a, bb, ab, x sagen es anders   N jetzt nicht   Rücktaste streicht</translation>
    </message>
    <message>
        <source>after</source>
        <translation>nach</translation>
    </message>
    <message>
        <source>before</source>
        <translation>vor</translation>
    </message>
    <message>
        <source>TDC</source>
        <translation>OT</translation>
    </message>
    <message>
        <source>Ctrl+E when the other valve is first   </source>
        <translation>Strg+E, wenn das andere Ventil zuerst kommt   </translation>
    </message>
    <message>
        <source>All events are settled. Strike one to read it again.</source>
        <translation>Alle Steuerpunkte stehen fest. Einen streichen, um ihn nochmals zu messen.</translation>
    </message>
    <message>
        <source>running spring</source>
        <translation>Betriebsfeder</translation>
    </message>
    <message>
        <source>checking spring</source>
        <translation>Prüffeder</translation>
    </message>
    <message>
        <source>nominal</source>
        <translation>nominell</translation>
    </message>
    <message>
        <source>of the two lifts</source>
        <translation>der beiden Hübe</translation>
    </message>
    <message>
        <source>up from the base circle</source>
        <translation>aufwärts vom Grundkreis</translation>
    </message>
    <message>
        <source>down from the nose</source>
        <translation>abwärts von der Spitze</translation>
    </message>
    <message>
        <source>each until it agrees</source>
        <translation>jeder, bis er stimmt</translation>
    </message>
    <message>
        <source>all in one forward turn</source>
        <translation>alle in einer Vorwärtsdrehung</translation>
    </message>
    <message>
        <source>centre by two readings</source>
        <translation>Mitte aus zwei Messwerten</translation>
    </message>
    <message>
        <source>both valves in one turn, two indicators</source>
        <translation>beide Ventile in einer Drehung, zwei Messuhren</translation>
    </message>
    <message>
        <source>set for this cylinder</source>
        <translation>für diesen Zylinder gestellt</translation>
    </message>
    <message>
        <source>still set for cylinder 1</source>
        <translation>noch für Zylinder 1 gestellt</translation>
    </message>
    <message>
        <source>not corrected</source>
        <translation>nicht berichtigt</translation>
    </message>
    <message>
        <source>follows a point on the part</source>
        <translation>folgt einem Punkt am Teil</translation>
    </message>
    <message>
        <source>rides a flat face</source>
        <translation>läuft auf einer ebenen Fläche</translation>
    </message>
    <message>
        <source>Two lifts, valve and tappet</source>
        <translation>Zwei Hübe, Ventil und Stößel</translation>
    </message>
    <message>
        <source>both at one angle, such as 10.82 7.20; - for none</source>
        <translation>beide bei einem Winkel, etwa 10.82 7.20; - für keine</translation>
    </message>
    <message>
        <source>%1 over %2: ratio %3</source>
        <translation>%1 durch %2: Übersetzung %3</translation>
    </message>
    <message>
        <source>Two lifts: at the valve, then at the tappet.</source>
        <translation>Zwei Hübe: am Ventil, dann am Stößel.</translation>
    </message>
    <message>
        <source>That makes no rocker ratio. The valve&apos;s lift comes first, well up the lobe.</source>
        <translation>Das ergibt keine Kipphebelübersetzung. Der Ventilhub kommt zuerst, weit oben am Nocken.</translation>
    </message>
    <message>
        <source>this run</source>
        <translation>diese Messreihe</translation>
    </message>
    <message>
        <source>Lift taken at the</source>
        <translation>Hub gemessen am</translation>
    </message>
    <message>
        <source>Spring fitted</source>
        <translation>Feder</translation>
    </message>
    <message>
        <source>Lash</source>
        <translation>Ventilspiel</translation>
    </message>
    <message>
        <source>Rocker ratio, nominal</source>
        <translation>Kipphebelübersetzung, nominell</translation>
    </message>
    <message>
        <source>valve lift over tappet lift</source>
        <translation>Ventilhub durch Stößelhub</translation>
    </message>
    <message>
        <source>Ratio to reckon with</source>
        <translation>Zu rechnen mit</translation>
    </message>
    <message>
        <source>Indicator resolves</source>
        <translation>Messuhr zeigt auf</translation>
    </message>
    <message>
        <source>Indicator spans</source>
        <translation>Messweg der Messuhr</translation>
    </message>
    <message>
        <source>One turn of the dial</source>
        <translation>Eine Umdrehung der Messuhr</translation>
    </message>
    <message>
        <source>Counts</source>
        <translation>Zählt</translation>
    </message>
    <message>
        <source>Lift at the nose</source>
        <translation>Hub an der Spitze</translation>
    </message>
    <message>
        <source>where the run counts down and never reaches the base circle</source>
        <translation>wenn die Messreihe abwärts zählt und nie den Grundkreis erreicht</translation>
    </message>
    <message>
        <source>Stands askew by</source>
        <translation>Steht schräg um</translation>
    </message>
    <message>
        <source>degrees</source>
        <translation>Grad</translation>
    </message>
    <message>
        <source>Askew</source>
        <translation>Schräg</translation>
    </message>
    <message>
        <source>Heights of the events</source>
        <translation>Höhen der Steuerpunkte</translation>
    </message>
    <message>
        <source>Readings that must agree</source>
        <translation>Messwerte, die stimmen müssen</translation>
    </message>
    <message>
        <source>Agree within</source>
        <translation>Stimmen innerhalb</translation>
    </message>
    <message>
        <source>Events are taken</source>
        <translation>Steuerpunkte werden gemessen</translation>
    </message>
    <message>
        <source>The wheel is</source>
        <translation>Die Gradscheibe ist</translation>
    </message>
    <message>
        <source>read again what does not fit, or the last reading</source>
        <translation>nochmals messen, was nicht passt, oder den letzten Wert</translation>
    </message>
    <message>
        <source>overshot: how far to go back</source>
        <translation>überdreht: wie weit zurück</translation>
    </message>
    <message>
        <source>no longer backing up</source>
        <translation>nicht mehr rückwärts</translation>
    </message>
    <message>
        <source>backing up: readings are left out</source>
        <translation>rückwärts: Werte zählen nicht</translation>
    </message>
    <message>
        <source>not now, the next</source>
        <translation>jetzt nicht, der nächste</translation>
    </message>
    <message>
        <source>conditions of this run</source>
        <translation>Bedingungen dieser Messreihe</translation>
    </message>
    <message>
        <source>velocity and acceleration</source>
        <translation>Geschwindigkeit und Beschleunigung</translation>
    </message>
    <message>
        <source>lay another lobe over this one</source>
        <translation>einen anderen Nocken darüberlegen</translation>
    </message>
    <message>
        <source>mean of the passes, or the newest</source>
        <translation>Mittel der Durchgänge, oder der neueste</translation>
    </message>
    <message>
        <source>the crank&apos;s other turn</source>
        <translation>die andere Umdrehung der Kurbelwelle</translation>
    </message>
    <message>
        <source>keep what stands off: it is right</source>
        <translation>behalten, was absteht: es stimmt</translation>
    </message>
    <message>
        <source>the dial&apos;s other turn</source>
        <translation>die andere Umdrehung der Messuhr</translation>
    </message>
    <message>
        <source>There is nothing to do.</source>
        <translation>Es gibt nichts zu tun.</translation>
    </message>
    <message>
        <source>There is no other lobe to lay over this one yet.</source>
        <translation>Noch ist kein anderer Nocken da, der darüber gelegt werden kann.</translation>
    </message>
    <message>
        <source> By the card it opens at %1 and closes at %2 there.</source>
        <translation> Nach dem Datenblatt öffnet er dort bei %1 und schließt bei %2.</translation>
    </message>
    <message>
        <source>Set the wheel for this cylinder. Left as it stands for cylinder 1 it needs the firing order (Engine), since this cylinder&apos;s TDC is not known.</source>
        <translation>Die Gradscheibe für diesen Zylinder stellen. Steht sie noch für Zylinder 1, braucht es die Zündfolge (Motor), denn der OT dieses Zylinders ist nicht bekannt.</translation>
    </message>
    <message>
        <source>The wheel stands as set for cylinder 1: this cylinder&apos;s overlap TDC is at %1 on it, %2 later in the cycle.%3</source>
        <translation>Die Scheibe steht wie für Zylinder 1 gestellt: der Überschneidungs-OT dieses Zylinders ist dort bei %1, %2 später im Zyklus.%3</translation>
    </message>
    <message>
        <source>Set the wheel for this cylinder, or leave it and say so in the conditions: its overlap TDC is then at %1.</source>
        <translation>Die Scheibe für diesen Zylinder stellen, oder sie lassen und es bei den Bedingungen sagen: sein Überschneidungs-OT ist dann bei %1.</translation>
    </message>
    <message>
        <source>Set the indicator to zero on the base circle, turn to the angle above and type the lift.</source>
        <translation>Messuhr auf dem Grundkreis auf null stellen, zum Winkel oben drehen und den Hub eingeben.</translation>
    </message>
    <message>
        <source>Set the indicator to zero at the nose, go back well past the drop, come up to it and type what the wheel shows.</source>
        <translation>Messuhr an der Spitze auf null stellen, weit hinter den Abfall zurück, wieder heran und eingeben, was die Scheibe zeigt.</translation>
    </message>
    <message>
        <source>Set %1 to zero on the base circle, turn until the height is reached and type what the wheel shows.</source>
        <translation>%1 auf dem Grundkreis auf null stellen, drehen, bis die Höhe erreicht ist, und eingeben, was die Scheibe zeigt.</translation>
    </message>
    <message>
        <source>both indicators</source>
        <translation>beide Messuhren</translation>
    </message>
    <message>
        <source>the indicator</source>
        <translation>Messuhr</translation>
    </message>
    <message>
        <source>%1 of about %2 readings</source>
        <translation>%1 von etwa %2 Messwerten</translation>
    </message>
    <message>
        <source>; centre %1, greatest lift %2</source>
        <translation>; Mitte %1, größter Hub %2</translation>
    </message>
    <message>
        <source>Overshot: go back to %1 or farther, then come up to %2 again.</source>
        <translation>Überdreht: zurück bis %1 oder weiter, dann wieder heran an %2.</translation>
    </message>
    <message>
        <source>Backing up: readings are marked and left out of the curve, since they carry the drive&apos;s slack. B ends it.</source>
        <translation>Rückwärts: Werte werden markiert und zählen nicht für die Kurve, denn sie tragen das Spiel des Antriebs. B beendet es.</translation>
    </message>
    <message>
        <source>Set the indicator to zero where it reads highest. Then to the drop on either side of the nose: go back well past it and come up to it, %1, seen from the drive end. Half the duration is not the centre.</source>
        <translation>Messuhr auf null, wo sie am höchsten steht. Dann zum Abfall beiderseits der Spitze: weit dahinter zurück und wieder heran, %1, von der Antriebsseite gesehen. Die halbe Öffnungsdauer ist nicht die Mitte.</translation>
    </message>
    <message>
        <source>Both valves in one forward turn, %1, seen from the drive end, from ahead of the exhaust&apos;s opening, an indicator on each: whichever stands at its height first is read. An overshoot starts again.</source>
        <translation>Beide Ventile in einer Vorwärtsdrehung, %1, von der Antriebsseite gesehen, von vor dem Öffnen des Auslasses, an jedem eine Messuhr: was zuerst auf seiner Höhe steht, wird abgelesen. Nach Überdrehen von vorn.</translation>
    </message>
    <message>
        <source>One forward turn, %1, seen from the drive end: opening at each height from low to high, the nose with its lift, closing from high to low, and back to zero. An overshoot starts again.</source>
        <translation>Eine Vorwärtsdrehung, %1, von der Antriebsseite gesehen: Öffnen bei jeder Höhe von unten nach oben, die Spitze mit ihrem Hub, Schließen von oben nach unten, und zurück auf null. Nach Überdrehen von vorn.</translation>
    </message>
    <message>
        <source>Turn %1, seen from the drive end, to where the indicator reads the height; always from the same side. An overshoot starts again.</source>
        <translation>%1 drehen, von der Antriebsseite gesehen, bis die Messuhr die Höhe zeigt; immer von derselben Seite. Nach Überdrehen von vorn.</translation>
    </message>
    <message>
        <source>Velocity and acceleration need a whole lobe, to its nose and beyond. M goes back.</source>
        <translation>Geschwindigkeit und Beschleunigung brauchen einen ganzen Nocken, bis über die Spitze. M führt zurück.</translation>
    </message>
    <message>
        <source>%1 A flat tappet needs a face of at least %2</source>
        <translation>%1 Ein Flachstößel braucht mindestens %2 Durchmesser</translation>
    </message>
    <message>
        <source>; measure the one fitted.</source>
        <translation>; den eingebauten messen.</translation>
    </message>
    <message>
        <source> (fitted here: %1).</source>
        <translation> (hier eingebaut: %1).</translation>
    </message>
    <message>
        <source> Ramp spread %1 (seat %2 to %3).</source>
        <translation> Rampenspanne %1 (Ventilsitz %2 bis %3).</translation>
    </message>
    <message>
        <source> Halves %1 opening, %2 closing.</source>
        <translation> Hälften %1 öffnend, %2 schließend.</translation>
    </message>
    <message>
        <source> Base circle within %1.</source>
        <translation> Grundkreis innerhalb %1.</translation>
    </message>
    <message>
        <source> M goes back.</source>
        <translation> M führt zurück.</translation>
    </message>
    <message>
        <source>run</source>
        <translation>Messreihe</translation>
    </message>
    <message>
        <source>go back well past it, then up to</source>
        <translation>weit dahinter zurück, dann heran an</translation>
    </message>
    <message>
        <source>turn to</source>
        <translation>drehen auf</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>zero at the nose; centre by two readings</source>
        <translation>null an der Spitze; Mitte aus zwei Messwerten</translation>
    </message>
    <message>
        <source>, both in one forward turn</source>
        <translation>, beide in einer Vorwärtsdrehung</translation>
    </message>
    <message>
        <source>under, </source>
        <translation>darunter, </translation>
    </message>
    <message>
        <source>at </source>
        <translation>bei </translation>
    </message>
    <message>
        <source>  struck</source>
        <translation>  gestrichen</translation>
    </message>
    <message>
        <source>last  %1%2 %3%4</source>
        <translation>zuletzt  %1%2 %3%4</translation>
    </message>
    <message>
        <source>last  %1%2  %3%4</source>
        <translation>zuletzt  %1%2  %3%4</translation>
    </message>
    <message>
        <source>Cylinder %1 %2</source>
        <translation>Zylinder %1 %2</translation>
    </message>
    <message>
        <source>no reading yet</source>
        <translation>noch kein Messwert</translation>
    </message>
    <message>
        <source>Every reading fits its neighbours.</source>
        <translation>Jeder Messwert passt zu seinen Nachbarn.</translation>
    </message>
    <message>
        <source>; mean of %1 passes, A takes the newest</source>
        <translation>; Mittel von %1 Durchgängen, A nimmt den neuesten</translation>
    </message>
    <message>
        <source>; newest of %1 passes, A takes their mean</source>
        <translation>; neuester von %1 Durchgängen, A nimmt ihr Mittel</translation>
    </message>
    <message>
        <source>read </source>
        <translation>gelesen </translation>
    </message>
    <message>
        <source>not counted</source>
        <translation>zählt nicht</translation>
    </message>
    <message>
        <source>backing up</source>
        <translation>rückwärts</translation>
    </message>
    <message>
        <source>before</source>
        <comment>the nose</comment>
        <translation>vor</translation>
    </message>
    <message>
        <source>after</source>
        <comment>the nose</comment>
        <translation>nach</translation>
    </message>
    <message>
        <source>again?</source>
        <translation>nochmals?</translation>
    </message>
    <message>
        <source>cyl %1  %2</source>
        <translation>Zyl. %1  %2</translation>
    </message>
    <message>
        <source>opens %1 at %2</source>
        <translation>öffnet %1 bei %2</translation>
    </message>
    <message>
        <source>    centre %1</source>
        <translation>    Mitte %1</translation>
    </message>
    <message>
        <source>Turn %1, seen from the drive end, up to each mark. Overshot? Back past %2, then up again.</source>
        <translation>%1 drehen, von der Antriebsseite gesehen, an jede Marke heran. Überdreht? Hinter %2 zurück, dann wieder heran.</translation>
    </message>
    <message>
        <source>new run</source>
        <translation>neue Reihe</translation>
    </message>
    <message>
        <source>events</source>
        <translation>Steuerpunkte</translation>
    </message>
    <message>
        <source>conditions</source>
        <translation>Bedingungen</translation>
    </message>
    <message>
        <source>Readings of this run</source>
        <translation>Messwerte dieser Messreihe</translation>
    </message>
    <message>
        <source>Conditions of this run</source>
        <translation>Bedingungen dieser Messreihe</translation>
    </message>
    <message>
        <source>tappet</source>
        <translation>Stößel</translation>
    </message>
    <message>
        <source>valve</source>
        <translation>Ventil</translation>
    </message>
    <message>
        <source>against an earlier pass</source>
        <translation>gegen einen früheren Durchgang</translation>
    </message>
    <message>
        <source>against itself before the cam was moved</source>
        <translation>gegen sich selbst, vor dem Verstellen</translation>
    </message>
    <message>
        <source>against cylinder %1</source>
        <translation>gegen Zylinder %1</translation>
    </message>
    <message>
        <source>against the %1 in a mirror</source>
        <translation>gegen den %1 im Spiegel</translation>
    </message>
    <message>
        <source>go to Timing</source>
        <translation>zu Steuerzeiten</translation>
    </message>
    <message>
        <source>go to the %1 lobe</source>
        <translation>zum Nocken %1</translation>
    </message>
    <message>
        <source>go to cylinder %1 %2</source>
        <translation>zu Zylinder %1 %2</translation>
    </message>
    <message>
        <source>cyl %1 %2, run %3</source>
        <translation>Zyl. %1 %2, Reihe %3</translation>
    </message>
    <message>
        <source>keep, next condition; Esc ends</source>
        <translation>behalten, nächste Bedingung; Esc beendet</translation>
    </message>
    <message>
        <source>why strike %1?</source>
        <translation>warum %1 streichen?</translation>
    </message>
    <message>
        <source>strike it (misread)</source>
        <translation>streichen (falsch abgelesen)</translation>
    </message>
    <message>
        <source>Esc  leave it</source>
        <translation>Esc  lassen</translation>
    </message>
    <message>
        <source>lift at %1 again?</source>
        <translation>Hub bei %1 nochmals?</translation>
    </message>
    <message>
        <source>log it in place of the odd one</source>
        <translation>festhalten an Stelle des auffälligen</translation>
    </message>
    <message>
        <source>Ctrl+E  leave it, go to the other lobe</source>
        <translation>Strg+E  lassen, zum anderen Nocken</translation>
    </message>
    <message>
        <source>run complete: what next?</source>
        <translation>Messreihe fertig: was nun?</translation>
    </message>
    <message>
        <source>other, timing, pass; or an angle to read again: 75a</source>
        <translation>other, timing, pass; oder ein Winkel, um nochmals zu messen: 75a</translation>
    </message>
    <message>
        <source>lift at %1?</source>
        <translation>Hub bei %1?</translation>
    </message>
    <message>
        <source>log, go to %1</source>
        <translation>festhalten, zu %1</translation>
    </message>
    <message>
        <source>Back strike   R again   O overshot   C conditions   75a go there</source>
        <translation>Rücktaste streicht   R nochmals   O überdreht   C Bedingungen   75a dorthin</translation>
    </message>
    <message>
        <source>the whole curve</source>
        <translation>die ganze Kurve</translation>
    </message>
    <message>
        <source>its events alone</source>
        <translation>nur seine Steuerpunkte</translation>
    </message>
    <message>
        <source>its centre by two readings</source>
        <translation>seine Mitte aus zwei Messwerten</translation>
    </message>
    <message>
        <source>the reason</source>
        <translation>der Grund</translation>
    </message>
    <message>
        <source>take </source>
        <translation>messen: </translation>
    </message>
    <message>
        <source>on to </source>
        <translation>weiter: </translation>
    </message>
    <message>
        <source>This run is through. An angle first reads it again, such as 75a 8.51; pass begins another pass.</source>
        <translation>Diese Messreihe ist fertig. Ein Winkel davor misst ihn nochmals, etwa 75a 8.51; pass beginnt einen neuen Durchgang.</translation>
    </message>
    <message>
        <source>a step of </source>
        <translation>Schritt von </translation>
    </message>
    <message>
        <source>set to zero again where the lift is </source>
        <translation>wieder auf null gestellt, wo der Hub so groß ist: </translation>
    </message>
    <message>
        <source>set to zero again, its lift not known</source>
        <translation>wieder auf null gestellt, der Hub nicht bekannt</translation>
    </message>
    <message>
        <source>go to </source>
        <translation>gehe zu </translation>
    </message>
    <message>
        <source>Not struck.</source>
        <translation>Nicht gestrichen.</translation>
    </message>
    <message>
        <source>Not logged; see the message above.</source>
        <translation>Nicht festgehalten; siehe die Meldung oben.</translation>
    </message>
    <message>
        <source>again: %1 %2</source>
        <translation>nochmals: %1 %2</translation>
    </message>
    <message>
        <source>look again: %1 %2</source>
        <translation>nachsehen: %1 %2</translation>
    </message>
    <message>
        <source>%1 %2, %3 of %4</source>
        <translation>%1 %2, %3 von %4</translation>
    </message>
    <message>
        <source>not begun</source>
        <translation>nicht begonnen</translation>
    </message>
    <message>
        <source>1 lobe recorded</source>
        <translation>1 Nocken gemessen</translation>
    </message>
    <message>
        <source>75a   20b   40ab   30bb</source>
        <translation>75a   20b   40ab   30bb</translation>
    </message>
    <message>
        <source>after, before TDC; after, before BDC; also 31 BTDC, 20 abdc</source>
        <translation>nach, vor OT; nach, vor UT; auch 31 BTDC, 20 abdc</translation>
    </message>
    <message>
        <source>75a 8.512</source>
        <translation>75a 8.512</translation>
    </message>
    <message>
        <source>log a lift at that angle</source>
        <translation>einen Hub bei diesem Winkel festhalten</translation>
    </message>
    <message>
        <source>step 2,  zero,  zero 8.5</source>
        <translation>schritt 2,  null,  null 8,5</translation>
    </message>
    <message>
        <source>another step; indicator zeroed again, where lift is 8.5</source>
        <translation>andere Schrittweite; Messuhr wieder genullt, wo der Hub 8.5 ist</translation>
    </message>
    <message>
        <source>other,  timing,  pass</source>
        <translation>anderer,  steuerzeiten,  durchgang</translation>
    </message>
    <message>
        <source>Lobes</source>
        <translation>Nocken</translation>
    </message>
    <message>
        <source>with the crank</source>
        <translation>mit der Kurbelwelle</translation>
    </message>
    <message>
        <source>against the crank</source>
        <translation>gegen die Kurbelwelle</translation>
    </message>
    <message>
        <source>intake cam</source>
        <translation>Einlasswelle</translation>
    </message>
    <message>
        <source>exhaust cam</source>
        <translation>Auslasswelle</translation>
    </message>
    <message>
        <source>%1: a whole number such as 40.</source>
        <translation>%1: eine ganze Zahl wie 40.</translation>
    </message>
    <message>
        <source>A whole number.</source>
        <translation>Eine ganze Zahl.</translation>
    </message>
    <message>
        <source>An offset lies within the radius of its shaft.</source>
        <translation>Ein Versatz liegt innerhalb des Radius seiner Welle.</translation>
    </message>
    <message>
        <source>Two numbers, such as 11 12.</source>
        <translation>Zwei Zahlen, etwa 11 12.</translation>
    </message>
    <message>
        <source>Phaser, beyond its park</source>
        <translation>Versteller, über seine Ruhelage hinaus</translation>
    </message>
    <message>
        <source>what it advances, crank degrees; 20 cam for cam degrees; minus when it retards; 0 for none</source>
        <translation>was er früher stellt, Grad Kurbelwelle; 20 cam für Grad Nockenwelle; Minus, wenn er später stellt; 0 für keinen</translation>
    </message>
    <message>
        <source>%1 crank</source>
        <translation>%1 Kurbelwelle</translation>
    </message>
    <message>
        <source>No phaser moves a cam so far.</source>
        <translation>Kein Versteller dreht eine Nockenwelle so weit.</translation>
    </message>
    <message>
        <source>Event at the card&apos;s height</source>
        <translation>Steuerpunkt beim Prüfhub des Datenblatts</translation>
    </message>
    <message>
        <source>which, and its degrees as a card has them: ivc 62</source>
        <translation>welcher, und seine Gradzahl wie auf dem Datenblatt: ivc 62</translation>
    </message>
    <message>
        <source>ivo, ivc, evo or evc, and its degrees, such as ivc 62.</source>
        <translation>ivo, ivc, evo oder evc und seine Gradzahl, etwa ivc 62.</translation>
    </message>
    <message>
        <source>An event lies within 180 degrees.</source>
        <translation>Ein Steuerpunkt liegt innerhalb von 180 Grad.</translation>
    </message>
    <message>
        <source>Wanted centres</source>
        <translation>Gewünschte Mitten</translation>
    </message>
    <message>
        <source>of one cam or both: intake 104.5 exhaust 107; - for none</source>
        <translation>einer Welle oder beider: intake 104.5 exhaust 107; - für keine</translation>
    </message>
    <message>
        <source>intake </source>
        <translation>Einlass </translation>
    </message>
    <message>
        <source>exhaust </source>
        <translation>Auslass </translation>
    </message>
    <message>
        <source>Which cam, and its centre, such as intake 104.5 exhaust 107.</source>
        <translation>Welche Welle und ihre Mitte, etwa intake 104.5 exhaust 107.</translation>
    </message>
    <message>
        <source>A lobe centre lies 60 to 160 crank degrees from TDC.</source>
        <translation>Eine Nockenmitte liegt 60 bis 160 Grad Kurbelwelle vom OT.</translation>
    </message>
    <message>
        <source>Names of the keyways</source>
        <translation>Namen der Keilnuten</translation>
    </message>
    <message>
        <source>Teeth of the cam wheel</source>
        <translation>Zähne des Nockenwellenrads</translation>
    </message>
    <message>
        <source>count them</source>
        <translation>zählen</translation>
    </message>
    <message>
        <source>Driven by</source>
        <translation>Angetrieben durch</translation>
    </message>
    <message>
        <source>The cam turns</source>
        <translation>Die Nockenwelle dreht</translation>
    </message>
    <message>
        <source>Keyways or dowel holes</source>
        <translation>Keilnuten oder Stiftlöcher</translation>
    </message>
    <message>
        <source>evenly round the cam wheel; 1 for one</source>
        <translation>gleichmäßig am Nockenwellenrad; 1 für eine</translation>
    </message>
    <message>
        <source>Crank keyways</source>
        <translation>Keilnuten der Kurbelwelle</translation>
    </message>
    <message>
        <source>Vernier holes</source>
        <translation>Noniuslöcher</translation>
    </message>
    <message>
        <source>in wheel and hub: 11 12; - for none</source>
        <translation>in Rad und Nabe: 11 12; - für keine</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 zu %2</translation>
    </message>
    <message>
        <source>Slots</source>
        <translation>Langlöcher</translation>
    </message>
    <message>
        <source>range either way and what a line is worth, crank degrees: 12 2; - for none</source>
        <translation>Bereich beiderseits und Wert eines Strichs, Grad Kurbelwelle: 12 2; - für keine</translation>
    </message>
    <message>
        <source>%1%2, lines of %3</source>
        <translation>%1%2, Striche zu %3</translation>
    </message>
    <message>
        <source>Bushes or offset keys</source>
        <translation>Versatzbuchsen oder -keile</translation>
    </message>
    <message>
        <source>at hand, crank degrees, plus advances: 1 2 -1; or offset and shaft radius: 0.5@12</source>
        <translation>vorhanden, Grad Kurbelwelle, Plus stellt früher: 1 2 -1; oder Versatz und Wellenradius: 0.5@12</translation>
    </message>
    <message>
        <source>Bolt circle radius</source>
        <translation>Radius des Lochkreises</translation>
    </message>
    <message>
        <source>The crank pulls first</source>
        <translation>Die Kurbelwelle zieht zuerst</translation>
    </message>
    <message>
        <source>Set it to</source>
        <translation>Einstellen auf</translation>
    </message>
    <message>
        <source>By the school</source>
        <translation>Nach der Schule</translation>
    </message>
    <message>
        <source>Earlier than the card</source>
        <translation>Früher als das Datenblatt</translation>
    </message>
    <message>
        <source>crank degrees</source>
        <translation>Grad Kurbelwelle</translation>
    </message>
    <message>
        <source>Exhaust earlier than the card</source>
        <translation>Auslass früher als das Datenblatt</translation>
    </message>
    <message>
        <source>two cams; crank degrees, - for as the intake</source>
        <translation>zwei Wellen; Grad Kurbelwelle, - wie der Einlass</translation>
    </message>
    <message>
        <source>Separation</source>
        <translation>Spreizung</translation>
    </message>
    <message>
        <source>cam degrees; two cams</source>
        <translation>Grad Nockenwelle; zwei Wellen</translation>
    </message>
    <message>
        <source>Dynamic compression</source>
        <translation>Dynamische Verdichtung</translation>
    </message>
    <message>
        <source>Least clearance</source>
        <translation>Kleinster Freigang</translation>
    </message>
    <message>
        <source>Taken off head and block</source>
        <translation>Von Kopf und Block abgenommen</translation>
    </message>
    <message>
        <source>Pitch radius of the cam wheel</source>
        <translation>Teilkreisradius des Nockenwellenrads</translation>
    </message>
    <message>
        <source>Pulling run off the bore&apos;s line</source>
        <translation>Zugtrum zur Zylinderachse</translation>
    </message>
    <message>
        <source>degrees between the run and the way the head comes down</source>
        <translation>Grad zwischen dem Trum und der Richtung, in der der Kopf tiefer kommt</translation>
    </message>
    <message>
        <source>centre </source>
        <translation>Mitte </translation>
    </message>
    <message>
        <source>Describe the drive first: D</source>
        <translation>Erst den Antrieb beschreiben: D</translation>
    </message>
    <message>
        <source>teeth, keyways, vernier, slots, bushes</source>
        <translation>Zähne, Keilnuten, Nonius, Langlöcher, Buchsen</translation>
    </message>
    <message>
        <source>The slide stands where the cam stands: choose, or drag it, to see what a move does.</source>
        <translation>Der Schieber steht, wo die Nockenwelle steht: wählen oder ziehen zeigt, was eine Verstellung bewirkt.</translation>
    </message>
    <message>
        <source>Measure the lobes again: F3 lists them.</source>
        <translation>Die Nocken nochmals messen: F3 zählt sie auf.</translation>
    </message>
    <message>
        <source>Record the lobes first; then every figure</source>
        <translation>Erst die Nocken messen; dann steht jeder</translation>
    </message>
    <message>
        <source>stands here, as it is and as it would be.</source>
        <translation>Wert hier, wie er ist und wie er wäre.</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>then</source>
        <translation>dann</translation>
    </message>
    <message>
        <source>intake opens</source>
        <translation>Einlass öffnet</translation>
    </message>
    <message>
        <source>intake closes</source>
        <translation>Einlass schließt</translation>
    </message>
    <message>
        <source>exhaust opens</source>
        <translation>Auslass öffnet</translation>
    </message>
    <message>
        <source>exhaust closes</source>
        <translation>Auslass schließt</translation>
    </message>
    <message>
        <source>together</source>
        <translation>gemeinsam</translation>
    </message>
    <message>
        <source>closing for ratio</source>
        <translation>Schließen dafür</translation>
    </message>
    <message>
        <source>dynamic ratio</source>
        <translation>dyn. Verdichtung</translation>
    </message>
    <message>
        <source>cranking, </source>
        <translation>Druck, </translation>
    </message>
    <message>
        <source>no volumes, or no closing</source>
        <translation>keine Volumen oder kein Schließen</translation>
    </message>
    <message>
        <source>park</source>
        <translation>Ruhe</translation>
    </message>
    <message>
        <source>end</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>clearances: not measured</source>
        <translation>Freigang: nicht gemessen</translation>
    </message>
    <message>
        <source>With %1 off head and block %2 cam comes %3.</source>
        <translation>Mit %1 weniger an Kopf und Block kommt %2 Nockenwelle %3.</translation>
    </message>
    <message>
        <source>each</source>
        <translation>jede</translation>
    </message>
    <message>
        <source>the</source>
        <translation>die</translation>
    </message>
    <message>
        <source>Schools: by intake %1, split the difference %2, all events %3.</source>
        <translation>Schulen: nach Einlass %1, Differenz teilen %2, alle Steuerpunkte %3.</translation>
    </message>
    <message>
        <source>Nothing was changed yet. When a change is done at the engine, type made and the marks you left, such as: made paint on tooth 3. It is kept with its date, and asks to be measured again.</source>
        <translation>Noch wurde nichts geändert. Ist eine Änderung am Motor gemacht, made und die gesetzten Marken eingeben, etwa: made Farbe auf Zahn 3. Sie wird mit Datum behalten und will nachgemessen sein.</translation>
    </message>
    <message>
        <source>imported</source>
        <translation>eingelesen</translation>
    </message>
    <message>
        <source> (wanted %1)</source>
        <translation> (gewünscht %1)</translation>
    </message>
    <message>
        <source>intake cam </source>
        <translation>Einlasswelle </translation>
    </message>
    <message>
        <source>exhaust cam </source>
        <translation>Auslasswelle </translation>
    </message>
    <message>
        <source>marks: </source>
        <translation>Marken: </translation>
    </message>
    <message>
        <source>note: </source>
        <translation>Notiz: </translation>
    </message>
    <message>
        <source>photo: </source>
        <translation>Foto: </translation>
    </message>
    <message>
        <source>&amp;nbsp;&amp;nbsp;%1 %2 to %3, moved %4</source>
        <translation>&amp;nbsp;&amp;nbsp;%1 %2 zu %3, bewegt %4</translation>
    </message>
    <message>
        <source> cam</source>
        <translation> Nockenwelle</translation>
    </message>
    <message>
        <source>of %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>move it</source>
        <translation>verstellen</translation>
    </message>
    <message>
        <source>earlier</source>
        <translation>früher</translation>
    </message>
    <message>
        <source>later</source>
        <translation>später</translation>
    </message>
    <message>
        <source>Figures as they are and as they would be</source>
        <translation>Werte, wie sie sind und wie sie wären</translation>
    </message>
    <message>
        <source>What the drive can do, the best first</source>
        <translation>Was der Antrieb kann, das Beste zuerst</translation>
    </message>
    <message>
        <source>Drive and target</source>
        <translation>Antrieb und Ziel</translation>
    </message>
    <message>
        <source>without marks</source>
        <translation>ohne Marken</translation>
    </message>
    <message>
        <source>level where?</source>
        <translation>gleich hoch wo?</translation>
    </message>
    <message>
        <source>step %1 of %2</source>
        <translation>Schritt %1 von %2</translation>
    </message>
    <message>
        <source>check it</source>
        <translation>prüfen</translation>
    </message>
    <message>
        <source>done, the next</source>
        <translation>getan, der nächste</translation>
    </message>
    <message>
        <source>Up, Down  another step   Esc ends</source>
        <translation>Auf, Ab  anderer Schritt   Esc beendet</translation>
    </message>
    <message>
        <source>set, the cam</source>
        <translation>Einstellen, Nockenwelle</translation>
    </message>
    <message>
        <source>set, both cams</source>
        <translation>Einstellen, beide Wellen</translation>
    </message>
    <message>
        <source>set, %1 cam</source>
        <translation>Einstellen, %1welle</translation>
    </message>
    <message>
        <source>the card first?</source>
        <translation>erst das Datenblatt?</translation>
    </message>
    <message>
        <source>the lobes first?</source>
        <translation>erst die Nocken?</translation>
    </message>
    <message>
        <source>go to %1</source>
        <translation>zu %1</translation>
    </message>
    <message>
        <source>  T one</source>
        <translation>  T eine</translation>
    </message>
    <message>
        <source>  T both</source>
        <translation>  T beide</translation>
    </message>
    <message>
        <source>Nothing is moved: choose first, with Up and Down.</source>
        <translation>Nichts ist verstellt: erst wählen, mit Auf und Ab.</translation>
    </message>
    <message>
        <source> (intake)</source>
        <translation> (Einlass)</translation>
    </message>
    <message>
        <source> (exhaust)</source>
        <translation> (Auslass)</translation>
    </message>
    <message>
        <source>keeps the change: </source>
        <translation>behält die Änderung: </translation>
    </message>
    <message>
        <source>There is no change yet to put it to.</source>
        <translation>Noch gibt es keine Änderung, zu der das gehört.</translation>
    </message>
    <message>
        <source>goes with change %1</source>
        <translation>gehört zu Änderung %1</translation>
    </message>
    <message>
        <source>The followers are level near TDC on overlap.</source>
        <translation>Die Stößel stehen nahe dem Überschneidungs-OT gleich hoch.</translation>
    </message>
    <message>
        <source>There is no such file.</source>
        <translation>Diese Datei gibt es nicht.</translation>
    </message>
    <message>
        <source>The slide ends at %1 degrees either way.</source>
        <translation>Der Schieber endet bei %1 Grad beiderseits.</translation>
    </message>
    <message>
        <source>The photo could not be copied beside the book.</source>
        <translation>Das Foto konnte nicht neben das Buch kopiert werden.</translation>
    </message>
    <message>
        <source>kept; now turn it over twice and measure again</source>
        <translation>behalten; jetzt zweimal durchdrehen und nachmessen</translation>
    </message>
    <message>
        <source>describe the drive</source>
        <translation>den Antrieb beschreiben</translation>
    </message>
    <message>
        <source>the goal: what the cam is set to</source>
        <translation>das Ziel: worauf eingestellt wird</translation>
    </message>
    <message>
        <source>history of the changes</source>
        <translation>Verlauf der Änderungen</translation>
    </message>
    <message>
        <source>setting without marks</source>
        <translation>Einstellen ohne Marken</translation>
    </message>
    <message>
        <source>back from setting without marks</source>
        <translation>zurück vom Einstellen ohne Marken</translation>
    </message>
    <message>
        <source>each cam alone</source>
        <translation>jede Welle für sich</translation>
    </message>
    <message>
        <source>both cams together</source>
        <translation>beide Wellen gemeinsam</translation>
    </message>
    <message>
        <source>moved; measure again</source>
        <translation>verstellt; nachmessen</translation>
    </message>
    <message>
        <source>moved %1</source>
        <translation>bewegt %1</translation>
    </message>
    <message>
        <source>nothing to set yet</source>
        <translation>noch nichts einzustellen</translation>
    </message>
    <message>
        <source>stands as wanted</source>
        <translation>steht wie gewünscht</translation>
    </message>
    <message>
        <source>in %1, ex %2 crank</source>
        <translation>Ein %1, Aus %2 Kurbel</translation>
    </message>
    <message>
        <source>made …,  note …,  photo …  at Set</source>
        <translation>gestellt …,  notiz …,  foto …  bei Einstellen</translation>
    </message>
    <message>
        <source>keep a change of setting; what goes with it</source>
        <translation>eine Änderung behalten; was dazugehört</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Einstellen</translation>
    </message>
    <message>
        <source>Wheels of the cam drive, seen from the drive end</source>
        <translation>Räder des Nockenwellenantriebs, von der Antriebsseite gesehen</translation>
    </message>
    <message>
        <source>crank wheel
keyway %1</source>
        <translation>Kurbelwellenrad
Keilnut %1</translation>
    </message>
    <message>
        <source>crank wheel</source>
        <translation>Kurbelwellenrad</translation>
    </message>
    <message>
        <source>seen from the drive end</source>
        <translation>von der Antriebsseite gesehen</translation>
    </message>
    <message>
        <source>%1, from the drive end; %2 is pulled first</source>
        <translation>%1, von der Antriebsseite; %2 wird zuerst gezogen</translation>
    </message>
    <message>
        <source>%1
%2 at the wheel</source>
        <translation>%1
%2 am Rad</translation>
    </message>
    <message>
        <source>
%1 at the bolts</source>
        <translation>
%1 an den Schrauben</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>overlap: both valves move</source>
        <translation>Überschneidung: beide Ventile bewegen sich</translation>
    </message>
    <message>
        <source>firing: neither valve moves</source>
        <translation>Zündung: kein Ventil bewegt sich</translation>
    </message>
    <message>
        <source>Factory mark reads</source>
        <translation>Werksmarke zeigt</translation>
    </message>
    <message>
        <source>the wheel when the factory mark says TDC, such as 2.5b; - for none</source>
        <translation>die Scheibe, wenn die Werksmarke OT sagt, etwa 2.5b; - für keine</translation>
    </message>
    <message>
        <source>, %1 %2 of arc</source>
        <translation>, %1 %2 Bogen</translation>
    </message>
    <message>
        <source>Deck, piston below the face</source>
        <translation>Rückstand, Kolben unter der Fläche</translation>
    </message>
    <message>
        <source>one or more points, such as 0.30 0.34; minus above; - to clear</source>
        <translation>ein oder mehrere Punkte, etwa 0.30 0.34; Minus darüber; - löscht</translation>
    </message>
    <message>
        <source> mean of %1, range %2</source>
        <translation> Mittel von %1, Spanne %2</translation>
    </message>
    <message>
        <source>Twelve points are enough; - clears them.</source>
        <translation>Zwölf Punkte genügen; - löscht sie.</translation>
    </message>
    <message>
        <source>The wheel&apos;s zero is</source>
        <translation>Null der Scheibe ist</translation>
    </message>
    <message>
        <source>Also here (Up, Down)</source>
        <translation>Auch hier (Auf, Ab)</translation>
    </message>
    <message>
        <source>overlap or firing, at the wheel&apos;s zero?</source>
        <translation>Überschneidung oder Zündung, bei null der Scheibe?</translation>
    </message>
    <message>
        <source>Contacts must agree within</source>
        <translation>Berührungen stimmen innerhalb</translation>
    </message>
    <message>
        <source>Tape circumference</source>
        <translation>Umfang des Maßbands</translation>
    </message>
    <message>
        <source>Damper diameter</source>
        <translation>Durchmesser des Dämpfers</translation>
    </message>
    <message>
        <source>1  Fit the stop with the piston well down.
2  Turn the way the engine runs until the piston touches. Type the wheel.
3  Turn back the long way until it touches again. Type the wheel.</source>
        <translation>1  Den Anschlag bei tiefem Kolben einsetzen.
2  In Laufrichtung drehen, bis der Kolben anstößt. Die Scheibe eingeben.
3  Den langen Weg zurück, bis er wieder anstößt. Die Scheibe eingeben.</translation>
    </message>
    <message>
        <source>1  Zero the indicator on the piston near its top. Type drop 3 to name the drop.
2  Come up to that drop before the top. Type the wheel.
3  Go over the top to the same drop after it. Type the wheel.
Another drop with the pointer untouched? Name it, and take both again.</source>
        <translation>1  Messuhr am Kolben nahe seinem OT nullen. Mit drop 3 den Abfall nennen.
2  Vor dem OT an diesen Abfall heran. Die Scheibe eingeben.
3  Über den OT zum selben Abfall dahinter. Die Scheibe eingeben.
Ein anderer Abfall bei unberührtem Zeiger? Ihn nennen und beide nochmals messen.</translation>
    </message>
    <message>
        <source>1  Short of the top, zero the indicator. Type the wheel.
2  Turn on the same way, over the top, until it reads zero again. Type the wheel.
One direction only, so the drive&apos;s slack does not come in.</source>
        <translation>1  Kurz vor dem OT die Messuhr nullen. Die Scheibe eingeben.
2  In gleicher Richtung über den OT drehen, bis sie wieder null zeigt. Die Scheibe eingeben.
Nur eine Richtung, so bleibt das Spiel des Antriebs draußen.</translation>
    </message>
    <message>
        <source>1  Turn the way the engine runs until the piston just closes the intake port. Type the wheel.
2  Turn back until it just closes it again. Type the wheel.
For piston-controlled ports only, not for reed or rotary inlets.</source>
        <translation>1  In Laufrichtung drehen, bis der Kolben den Einlassschlitz gerade schließt. Die Scheibe eingeben.
2  Zurück, bis er ihn wieder gerade schließt. Die Scheibe eingeben.
Nur für kolbengesteuerte Schlitze, nicht für Membran- oder Drehschieber.</translation>
    </message>
    <message>
        <source>1  Set the indicator on the piston.
2  Turn until it stands highest. Type the wheel.</source>
        <translation>1  Messuhr auf den Kolben setzen.
2  Drehen, bis sie am höchsten steht. Die Scheibe eingeben.</translation>
    </message>
    <message>
        <source>With a stop fitted, turn by hand only, gently, plugs out: a stop bends a valve or a piston when it is met with force.</source>
        <translation>Mit Anschlag nur von Hand drehen, sachte, Kerzen heraus: mit Gewalt verbiegt ein Anschlag ein Ventil oder beschädigt den Kolben.</translation>
    </message>
    <message>
        <source>Turn by hand. A deeper drop is more precise; keep the indicator square to the crown.</source>
        <translation>Von Hand drehen. Ein tieferer Abfall ist genauer; die Messuhr senkrecht zum Kolbenboden halten.</translation>
    </message>
    <message>
        <source>Turn by hand, and never back: an overshoot starts again.</source>
        <translation>Von Hand drehen, und nie zurück: nach Überdrehen von vorn.</translation>
    </message>
    <message>
        <source>Turn by hand; a feeler in the port is caught by the piston&apos;s edge with little force.</source>
        <translation>Von Hand drehen; eine Fühlerlehre im Schlitz wird von der Kolbenkante mit wenig Kraft gefasst.</translation>
    </message>
    <message>
        <source>The piston dwells at the top: a first approximation, never a proof.</source>
        <translation>Der Kolben verweilt im OT: eine erste Näherung, nie ein Beweis.</translation>
    </message>
    <message>
        <source>back at zero: wheel?</source>
        <translation>wieder null: Scheibe?</translation>
    </message>
    <message>
        <source>zeroed: wheel?</source>
        <translation>genullt: Scheibe?</translation>
    </message>
    <message>
        <source>port closes, other side: wheel?</source>
        <translation>Schlitz zu, andere Seite: Scheibe?</translation>
    </message>
    <message>
        <source>port closes: wheel?</source>
        <translation>Schlitz zu: Scheibe?</translation>
    </message>
    <message>
        <source>at the highest: wheel?</source>
        <translation>am höchsten: Scheibe?</translation>
    </message>
    <message>
        <source>after the top: wheel?</source>
        <translation>nach dem OT: Scheibe?</translation>
    </message>
    <message>
        <source>before the top: wheel?</source>
        <translation>vor dem OT: Scheibe?</translation>
    </message>
    <message>
        <source>one contact taken</source>
        <translation>eine Berührung gemessen</translation>
    </message>
    <message>
        <source>proved, within %1</source>
        <translation>bewiesen, innerhalb %1</translation>
    </message>
    <message>
        <source>pointer off by %1</source>
        <translation>Zeiger um %1 falsch</translation>
    </message>
    <message>
        <source>set, not proved</source>
        <translation>gestellt, nicht bewiesen</translation>
    </message>
    <message>
        <source>360: 329</source>
        <translation>360: 329</translation>
    </message>
    <message>
        <source>this one read on another wheel: 360, against, 180, 90, signed, twice</source>
        <translation>dieser auf anderer Scheibe gelesen: 360, against, 180, 90, signed, twice</translation>
    </message>
    <message>
        <source>Contacts taken</source>
        <translation>Gemessene Berührungen</translation>
    </message>
    <message>
        <source>What else belongs to TDC</source>
        <translation>Was sonst zum OT gehört</translation>
    </message>
    <message>
        <source>How the wheel is numbered</source>
        <translation>Wie die Scheibe beziffert ist</translation>
    </message>
    <message>
        <source>the wheel reads</source>
        <translation>die Scheibe zeigt</translation>
    </message>
    <message>
        <source>keep, back to the contacts</source>
        <translation>behalten, zurück zu den Berührungen</translation>
    </message>
    <message>
        <source>TDC, runs read before it</source>
        <translation>OT, zuvor gemessene Reihen</translation>
    </message>
    <message>
        <source>shift them, or keep them?</source>
        <translation>verschieben oder behalten?</translation>
    </message>
    <message>
        <source>does what the letter says</source>
        <translation>tut, was der Buchstabe sagt</translation>
    </message>
    <message>
        <source>S  shift them   K  keep them   or another contact</source>
        <translation>S  verschieben   K  behalten   oder weitere Berührung</translation>
    </message>
    <message>
        <source>TDC is proved</source>
        <translation>OT ist bewiesen</translation>
    </message>
    <message>
        <source>on to %1</source>
        <translation>weiter zu %1</translation>
    </message>
    <message>
        <source>a wheel number begins another pass   Down  what else belongs here</source>
        <translation>eine Gradzahl beginnt einen neuen Durchgang   Ab  was sonst hierher gehört</translation>
    </message>
    <message>
        <source>%1, pass %2</source>
        <translation>%1, Durchgang %2</translation>
    </message>
    <message>
        <source>, drop </source>
        <translation>, Abfall </translation>
    </message>
    <message>
        <source>log, see where TDC is</source>
        <translation>festhalten, zeigt den OT</translation>
    </message>
    <message>
        <source>log, then the other side</source>
        <translation>festhalten, dann die andere Seite</translation>
    </message>
    <message>
        <source>b, a  before, after TDC   x  other side   Back  strike</source>
        <translation>b, a  vor, nach OT   x  andere Seite   Rücktaste streicht</translation>
    </message>
    <message>
        <source>A drop is more than nothing: drop 3.</source>
        <translation>Ein Abfall ist mehr als nichts: drop 3.</translation>
    </message>
    <message>
        <source>contacts to come at a drop of </source>
        <translation>weitere Berührungen bei einem Abfall von </translation>
    </message>
    <message>
        <source>A tape needs its circumference first: go down to it and type it.</source>
        <translation>Ein Maßband braucht erst seinen Umfang: nach unten gehen und ihn eingeben.</translation>
    </message>
    <message>
        <source>before the wheel&apos;s zero</source>
        <translation>vor null der Scheibe</translation>
    </message>
    <message>
        <source>after the wheel&apos;s zero</source>
        <translation>nach null der Scheibe</translation>
    </message>
    <message>
        <source>, by the step; x flips it</source>
        <translation>, dem Schritt nach; x wechselt</translation>
    </message>
    <message>
        <source>the other top: turn the runs by 360</source>
        <translation>der andere OT: die Reihen um 360 drehen</translation>
    </message>
    <message>
        <source>the gauge counts the other way: take it so</source>
        <translation>die Anzeige zählt andersherum: so nehmen</translation>
    </message>
    <message>
        <source>shift the runs read before TDC was found</source>
        <translation>die vor dem OT gemessenen Reihen verschieben</translation>
    </message>
    <message>
        <source>keep the runs as they were read</source>
        <translation>die Reihen behalten, wie sie gelesen wurden</translation>
    </message>
    <message>
        <source>There is nothing to shift.</source>
        <translation>Es gibt nichts zu verschieben.</translation>
    </message>
    <message>
        <source>Half the way between the contacts: %1. That is the span, not the correction.
Half their signed sum: %2°. That is where true TDC stands on the wheel now.</source>
        <translation>Der halbe Weg zwischen den Berührungen: %1. Das ist die Spanne, nicht die Korrektur.
Ihre halbe Summe mit Vorzeichen: %2°. Dort steht der wahre OT jetzt auf der Scheibe.</translation>
    </message>
    <message>
        <source>
Stroke, rod and drop expect a half-span of %1.</source>
        <translation>
Kolbenhub, Pleuel und Abfall lassen eine halbe Spanne von %1 erwarten.</translation>
    </message>
    <message>
        <source>
The middle moves %1° per mm of drop; followed to no drop, TDC stands at %2°.</source>
        <translation>
Die Mitte wandert %1° je mm Abfall; bis zu keinem Abfall verfolgt, steht OT bei %2°.</translation>
    </message>
    <message>
        <source> Is it overlap or firing? Look at the valves of cylinder 1, and say so below.</source>
        <translation> Überschneidung oder Zündung? Die Ventile von Zylinder 1 ansehen und es unten sagen.</translation>
    </message>
    <message>
        <source> It is firing TDC: turn the crank once more before a lift run, which counts from overlap.</source>
        <translation> Es ist der Zünd-OT: vor einer Messreihe die Kurbelwelle noch einmal drehen, denn sie zählt von der Überschneidung.</translation>
    </message>
    <message>
        <source>One contact is taken. Now the other side of the top.</source>
        <translation>Eine Berührung ist gemessen. Jetzt die andere Seite des OT.</translation>
    </message>
    <message>
        <source>Where is true TDC? Two contacts, one each side of the top, say so.</source>
        <translation>Wo ist der wahre OT? Zwei Berührungen, je eine auf jeder Seite, sagen es.</translation>
    </message>
    <message>
        <source>pass %1, %2</source>
        <translation>Durchgang %1, %2</translation>
    </message>
    <message>
        <source>after the top</source>
        <translation>nach dem OT</translation>
    </message>
    <message>
        <source>before the top</source>
        <translation>vor dem OT</translation>
    </message>
    <message>
        <source>TDC, </source>
        <translation>OT, </translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>Durchgang %1</translation>
    </message>
    <message>
        <source>move the pointer</source>
        <translation>Zeiger verstellen</translation>
    </message>
    <message>
        <source>contact wanted</source>
        <translation>gesuchte Berührung</translation>
    </message>
    <message>
        <source>with rotation</source>
        <translation>in Drehrichtung</translation>
    </message>
    <message>
        <source>against rotation</source>
        <translation>gegen die Drehrichtung</translation>
    </message>
    <message>
        <source>the top</source>
        <translation>dem OT</translation>
    </message>
    <message>
        <source>last  </source>
        <translation>zuletzt  </translation>
    </message>
    <message>
        <source>separation %1</source>
        <translation>Spreizung %1</translation>
    </message>
    <message>
        <source>waiting for lobes</source>
        <translation>wartet auf Nocken</translation>
    </message>
    <message>
        <source>waiting for the other lobe</source>
        <translation>wartet auf den anderen Nocken</translation>
    </message>
    <message>
        <source>Timing</source>
        <translation>Steuerzeiten</translation>
    </message>
    <message>
        <source>Lobe centre by</source>
        <translation>Nockenmitte nach</translation>
    </message>
    <message>
        <source>intake, ATDC</source>
        <translation>Einlass, n. OT</translation>
    </message>
    <message>
        <source>exhaust, BTDC</source>
        <translation>Auslass, v. OT</translation>
    </message>
    <message>
        <source>height to add or drop?</source>
        <translation>Prüfhub dazu oder weg?</translation>
    </message>
    <message>
        <source>add it, or drop it</source>
        <translation>dazu oder weg</translation>
    </message>
    <message>
        <source>no lobe of this cylinder yet</source>
        <translation>noch kein Nocken dieses Zylinders</translation>
    </message>
    <message>
        <source>no card to compare with</source>
        <translation>kein Datenblatt zum Vergleich</translation>
    </message>
    <message>
        <source>to the lobes?</source>
        <translation>zu den Nocken?</translation>
    </message>
    <message>
        <source>the card, or a height to add?</source>
        <translation>das Datenblatt, oder ein Prüfhub dazu?</translation>
    </message>
    <message>
        <source>%1t  tappet   %1v  valve   inch, metric   smooth</source>
        <translation>%1t  Stößel   %1v  Ventil   inch, metric   smooth</translation>
    </message>
    <message>
        <source>the %1 school&apos;s heights</source>
        <translation>die Prüfhübe der Schule %1</translation>
    </message>
    <message>
        <source>A checking height such as %1, or inch, metric, smooth.</source>
        <translation>Ein Prüfhub wie %1, oder inch, metric, smooth.</translation>
    </message>
    <message>
        <source>A checking height of %1 lies above the greatest lift here, %2; check the decimal point.</source>
        <translation>Ein Prüfhub von %1 liegt über dem größten Hub hier, %2; das Komma prüfen.</translation>
    </message>
    <message>
        <source>Keep at least one checking height.</source>
        <translation>Wenigstens einen Prüfhub behalten.</translation>
    </message>
    <message>
        <source>drops </source>
        <translation>nimmt weg: </translation>
    </message>
    <message>
        <source>Ten heights are enough; drop one first.</source>
        <translation>Zehn Prüfhübe genügen; erst einen wegnehmen.</translation>
    </message>
    <message>
        <source>adds </source>
        <translation>fügt hinzu: </translation>
    </message>
    <message>
        <source>the curve through every reading</source>
        <translation>die Kurve durch jeden Messwert</translation>
    </message>
    <message>
        <source>the curve that follows the noise</source>
        <translation>die Kurve, die dem Rauschen folgt</translation>
    </message>
    <message>
        <source>Type a height, such as %1.</source>
        <translation>Einen Prüfhub eingeben, etwa %1.</translation>
    </message>
    <message>
        <source>Not kept.</source>
        <translation>Nicht behalten.</translation>
    </message>
    <message>
        <source>No lobe of cylinder %1 is recorded yet. Go to Lobes and type the first lift.</source>
        <translation>Noch ist kein Nocken von Zylinder %1 gemessen. Zu Nocken gehen und den ersten Hub eingeben.</translation>
    </message>
    <message>
        <source>No card is fitted. By durations, separation and lift it looks like the %1.</source>
        <translation>Kein Datenblatt gilt. Nach Öffnungsdauern, Spreizung und Hub sieht sie aus wie %1.</translation>
    </message>
    <message>
        <source>No card is fitted, and none of those at hand fits this cam.</source>
        <translation>Kein Datenblatt gilt, und keines der vorhandenen passt zu dieser Nockenwelle.</translation>
    </message>
    <message>
        <source>One lobe is in hand; record the other to its nose and beyond for overlap and separation.</source>
        <translation>Ein Nocken liegt vor; den anderen bis über die Spitze messen, für Überschneidung und Spreizung.</translation>
    </message>
    <message>
        <source>Lobe separation %1 cam degrees, %2. Enter the cam&apos;s card to compare.</source>
        <translation>Spreizung %1 Grad Nockenwelle, %2. Zum Vergleich das Datenblatt eingeben.</translation>
    </message>
    <message>
        <source>installed %1 advanced</source>
        <translation>%1 früh eingebaut</translation>
    </message>
    <message>
        <source>installed %1 retarded</source>
        <translation>%1 spät eingebaut</translation>
    </message>
    <message>
        <source>It may also be this: </source>
        <translation>Es kann auch dies sein: </translation>
    </message>
    <message>
        <source>It looks like the %1.</source>
        <translation>Sie sieht aus wie %1.</translation>
    </message>
    <message>
        <source>Advanced</source>
        <translation>Früh</translation>
    </message>
    <message>
        <source>Retarded</source>
        <translation>Spät</translation>
    </message>
    <message>
        <source> crank</source>
        <translation> Kurbel</translation>
    </message>
    <message>
        <source>Split point</source>
        <translation>Gleichhubpunkt</translation>
    </message>
    <message>
        <source>Overlap area</source>
        <translation>Überschneidungsfläche</translation>
    </message>
    <message>
        <source> (valve)</source>
        <translation> (Ventil)</translation>
    </message>
    <message>
        <source> schools differ by</source>
        <translation> Schulen weichen ab um</translation>
    </message>
    <message>
        <source> lift at TDC</source>
        <translation> Hub im OT</translation>
    </message>
    <message>
        <source>timing, cyl %1</source>
        <translation>Steuerzeiten, Zyl. %1</translation>
    </message>
    <message>
        <source>F2 leads back to the desk, where all heights and reasons stand.</source>
        <translation>F2 führt zurück an den Tisch, wo alle Prüfhübe und Gründe stehen.</translation>
    </message>
    <message>
        <source>lobe centres</source>
        <translation>Nockenmitten</translation>
    </message>
    <message>
        <source>lobe centres, </source>
        <translation>Nockenmitten, </translation>
    </message>
    <message>
        <source>duration %1: %2</source>
        <translation>Öffnungsdauer %1: %2</translation>
    </message>
    <message>
        <source>There is no book at %1, and none was made. Check the path; a new book is begun under Job.</source>
        <translation>Bei %1 gibt es kein Buch, und keines wurde angelegt. Den Pfad prüfen; ein neues Buch wird unter Auftrag begonnen.</translation>
    </message>
    <message>
        <source>%1 cannot be opened (%2). Check the folder and the right to read there.</source>
        <translation>%1 kann nicht geöffnet werden (%2). Den Ordner und das Leserecht prüfen.</translation>
    </message>
    <message>
        <source>%1 cannot be written: the file or its folder is read-only. Copy it to a folder of yours, or change the rights.</source>
        <translation>%1 kann nicht geschrieben werden: Datei oder Ordner sind nur lesbar. In einen eigenen Ordner kopieren oder die Rechte ändern.</translation>
    </message>
    <message>
        <source>The disk of %1 is full. Nothing was changed; make room and try again.</source>
        <translation>Die Platte von %1 ist voll. Nichts wurde geändert; Platz schaffen und nochmals versuchen.</translation>
    </message>
    <message>
        <source>The disk of %1 does not answer as it should (%2). Nothing was changed; check the disk, and keep a copy elsewhere.</source>
        <translation>Die Platte von %1 antwortet nicht, wie sie soll (%2). Nichts wurde geändert; die Platte prüfen und anderswo eine Kopie halten.</translation>
    </message>
    <message>
        <source>Another program holds %1. Close it there, or try again in a moment.</source>
        <translation>Ein anderes Programm hält %1 fest. Dort schließen oder gleich nochmals versuchen.</translation>
    </message>
    <message>
        <source>%1 is not a book of Amber Lobe; it was left as it is.</source>
        <translation>%1 ist kein Buch von Amber Lobe; es blieb, wie es war.</translation>
    </message>
    <message>
        <source>%1 was written by a newer version; it was left as it is. Open it with that version.</source>
        <translation>%1 wurde von einer neueren Version geschrieben; es blieb, wie es war. Mit jener Version öffnen.</translation>
    </message>
    <message>
        <source>%1 is damaged (%2); it was left as it is. Restore a copy.</source>
        <translation>%1 ist beschädigt (%2); es blieb, wie es war. Eine Kopie zurückholen.</translation>
    </message>
    <message>
        <source>%1 could not be written (%2). Nothing was logged.</source>
        <translation>%1 konnte nicht geschrieben werden (%2). Nichts wurde festgehalten.</translation>
    </message>
    <message>
        <source>%1 holds no such job.</source>
        <translation>%1 enthält diesen Auftrag nicht.</translation>
    </message>
    <message>
        <source>This job of %1 holds what this version does not understand (%2). It was left as it is; open it with the version that wrote it.</source>
        <translation>Dieser Auftrag von %1 enthält, was diese Version nicht versteht (%2). Er blieb, wie er war; mit der Version öffnen, die ihn schrieb.</translation>
    </message>
    <message>
        <source>%1 is no longer there: it was moved or deleted. What is typed now is not on disk. Ctrl+Shift+S keeps what is in hand as a new book.</source>
        <translation>%1 ist nicht mehr da: verschoben oder gelöscht. Was jetzt eingegeben wird, ist nicht auf der Platte. Strg+Umschalt+S behält, was in Arbeit ist, als neues Buch.</translation>
    </message>
    <message>
        <source>%1 was replaced by another file while it was open. What is typed now is not on disk. Ctrl+Shift+S keeps what is in hand as a new book.</source>
        <translation>%1 wurde durch eine andere Datei ersetzt, während es offen war. Was jetzt eingegeben wird, ist nicht auf der Platte. Strg+Umschalt+S behält, was in Arbeit ist, als neues Buch.</translation>
    </message>
    <message>
        <source> Beside that the cam as a whole is %1.</source>
        <translation> Daneben steht die Nockenwelle als Ganzes %1.</translation>
    </message>
    <message>
        <source>on the other side of its dead centre, %1, it fits</source>
        <translation>auf der anderen Seite seines Totpunkts, %1, passt er</translation>
    </message>
    <message>
        <source>180 less what was read, %1, fits</source>
        <translation>180 weniger das Gelesene, %1, passt</translation>
    </message>
    <message>
        <source>ten degrees away, %1, it fits</source>
        <translation>zehn Grad daneben, %1, passt er</translation>
    </message>
    <message>
        <source>it is another event&apos;s number of this card; %1 would fit</source>
        <translation>es ist die Zahl eines anderen Steuerpunkts dieses Datenblatts; %1 würde passen</translation>
    </message>
    <message>
        <source>twice what was read, %1, fits: cam degrees for crank</source>
        <translation>doppelt so viel wie gelesen, %1, passt: Grad Nockenwelle statt Kurbelwelle</translation>
    </message>
    <message>
        <source>The intake cam is %1 and the exhaust cam %2 against the card: each cam&apos;s own timing.</source>
        <translation>Die Einlasswelle steht %1 und die Auslasswelle %2 gegen das Datenblatt: die Einstellung jeder Welle.</translation>
    </message>
    <message>
        <source>The intake stands right; the exhaust cam is %1.</source>
        <translation>Der Einlass steht richtig; die Auslasswelle steht %1.</translation>
    </message>
    <message>
        <source>The exhaust stands right; the intake cam is %1.</source>
        <translation>Der Auslass steht richtig; die Einlasswelle steht %1.</translation>
    </message>
    <message>
        <source>Both cams are %1 against the card, alike%2: the TDC pointer, or both cams.</source>
        <translation>Beide Wellen stehen %1 gegen das Datenblatt, gleich viel%2: der OT-Zeiger, oder beide Wellen.</translation>
    </message>
    <message>
        <source>The cam is %1 against its card%2: timing, or the TDC pointer, not the cam.</source>
        <translation>Die Nockenwelle steht %1 gegen ihr Datenblatt%2: Einstellung oder OT-Zeiger, nicht die Nockenwelle.</translation>
    </message>
    <message>
        <source> longer</source>
        <translation> länger</translation>
    </message>
    <message>
        <source> shorter</source>
        <translation> kürzer</translation>
    </message>
    <message>
        <source>Both lobes are %1 than printed</source>
        <translation>Beide Nocken sind %1 als gedruckt</translation>
    </message>
    <message>
        <source>The intake lobe is %1, the exhaust lobe %2 than printed</source>
        <translation>Der Einlassnocken ist %1, der Auslassnocken %2 als gedruckt</translation>
    </message>
    <message>
        <source>The %1 lobe is %2 than printed</source>
        <translation>Der Nocken %1 ist %2 als gedruckt</translation>
    </message>
    <message>
        <source>, centres as card.</source>
        <translation>, Mitten wie im Datenblatt.</translation>
    </message>
    <message>
        <source>All %1 lifts</source>
        <translation>Alle Hübe %1</translation>
    </message>
    <message>
        <source>All lifts</source>
        <translation>Alle Hübe</translation>
    </message>
    <message>
        <source>a rocker ratio like %1 in place of %2</source>
        <translation>eine Kipphebelübersetzung wie %1 statt %2</translation>
    </message>
    <message>
        <source>an indicator %1 askew</source>
        <translation>eine %1 schräge Messuhr</translation>
    </message>
    <message>
        <source>valve gear that gives under the running spring</source>
        <translation>ein Ventiltrieb, der unter der Betriebsfeder nachgibt</translation>
    </message>
    <message>
        <source>%1 read %2 % too %3, low down and at the nose alike: %4.%5</source>
        <translation>%1 zeigen %2 % zu %3, unten wie an der Spitze: %4.%5</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>low</source>
        <translation>niedrig</translation>
    </message>
    <message>
        <source>, or </source>
        <translation>, oder </translation>
    </message>
    <message>
        <source>The cam is as its card, within what you can measure.</source>
        <translation>Die Nockenwelle ist wie ihr Datenblatt, soweit es messbar ist.</translation>
    </message>
    <message>
        <source>on the %1</source>
        <translation>am %1</translation>
    </message>
    <message>
        <source>on both lobes</source>
        <translation>an beiden Nocken</translation>
    </message>
    <message>
        <source>The indicator read %1 too %2 %3: its zero, or the height events were called at. The centre between the events stays where it is.%4</source>
        <translation>Die Messuhr zeigte %1 zu %2 %3: ihr Nullpunkt, oder die Höhe, bei der die Steuerpunkte genommen wurden. Die Mitte zwischen ihnen bleibt, wo sie ist.%4</translation>
    </message>
    <message>
        <source>Called at %1 the events fit the card: its height is not the one that was used.%2</source>
        <translation>Bei %1 genommen passen die Steuerpunkte zum Datenblatt: seine Höhe ist nicht die benutzte.%2</translation>
    </message>
    <message>
        <source>Called at the other place, valve for tappet or tappet for valve, the events fit the card.%1</source>
        <translation>Am anderen Ort genommen, Ventil statt Stößel oder Stößel statt Ventil, passen die Steuerpunkte zum Datenblatt.%1</translation>
    </message>
    <message>
        <source>With %1 %2 lash than the conditions say%3 the events fit the card.%4</source>
        <translation>Mit %1 %2 Ventilspiel, als die Bedingungen sagen%3, passen die Steuerpunkte zum Datenblatt.%4</translation>
    </message>
    <message>
        <source>more</source>
        <translation>mehr</translation>
    </message>
    <message>
        <source>less</source>
        <translation>weniger</translation>
    </message>
    <message>
        <source>, on the %1,</source>
        <translation>, am %1</translation>
    </message>
    <message>
        <source>The two lobes stand %1 cam degrees %2 than the card says: separation, not timing.%3</source>
        <translation>Die beiden Nocken stehen %1 Grad Nockenwelle %2, als das Datenblatt sagt: Spreizung, nicht Einstellung.%3</translation>
    </message>
    <message>
        <source>wider</source>
        <translation>weiter</translation>
    </message>
    <message>
        <source>narrower</source>
        <translation>enger</translation>
    </message>
    <message>
        <source>The %1 alone is odd, as taken %2%3.%4</source>
        <translation>Nur %1 fällt auf, gemessen %2%3.%4</translation>
    </message>
    <message>
        <source>Intake and exhaust were exchanged: each fits the other&apos;s card.%1</source>
        <translation>Einlass und Auslass wurden vertauscht: jeder passt zum Datenblatt des anderen.%1</translation>
    </message>
    <message>
        <source>The wheel was read against the engine&apos;s rotation: turned round, every event fits.%1</source>
        <translation>Die Scheibe wurde gegen die Drehrichtung gelesen: umgekehrt passt jeder Steuerpunkt.%1</translation>
    </message>
    <message>
        <source>The angles are counted round firing TDC instead of overlap: 360° %1, every event fits.%2</source>
        <translation>Die Winkel zählen vom Zünd-OT statt von der Überschneidung: 360° %1, und jeder Steuerpunkt passt.%2</translation>
    </message>
    <message>
        <source>back</source>
        <translation>zurück</translation>
    </message>
    <message>
        <source>on</source>
        <translation>weiter</translation>
    </message>
    <message>
        <source>The angles are cam degrees: doubled, they fit the card.</source>
        <translation>Die Winkel sind Grad Nockenwelle: verdoppelt passen sie zum Datenblatt.</translation>
    </message>
    <message>
        <source>Both lobes open as they should and close %1 late: slack in the drive, or a reading that depends on the way the crank was turned.</source>
        <translation>Beide Nocken öffnen, wie sie sollen, und schließen %1 zu spät: Spiel im Antrieb, oder eine Messung, die davon abhängt, wie gedreht wurde.</translation>
    </message>
    <message>
        <source>intake duration %1°</source>
        <translation>Öffnungsdauer Einlass %1°</translation>
    </message>
    <message>
        <source>exhaust %1°</source>
        <translation>Auslass %1°</translation>
    </message>
    <message>
        <source>lift %1 %2</source>
        <translation>Hub %1 %2</translation>
    </message>
    <message>
        <source>This is hardly the cam of that card%1.</source>
        <translation>Das ist kaum die Nockenwelle dieses Datenblatts%1.</translation>
    </message>
    <message>
        <source>Cylinder %1 stands %2 against cylinder 1: a twisted or bent cam, or that cylinder&apos;s TDC.</source>
        <translation>Zylinder %1 steht %2 gegen Zylinder 1: eine verdrehte oder verbogene Nockenwelle, oder der OT dieses Zylinders.</translation>
    </message>
    <message>
        <source>The events do not fit the card, and nothing simple explains how.</source>
        <translation>Die Steuerpunkte passen nicht zum Datenblatt, und nichts Einfaches erklärt es.</translation>
    </message>
    <message>
        <source>by an equal drop</source>
        <translation>durch gleichen Abfall</translation>
    </message>
    <message>
        <source>at the nose</source>
        <translation>an der Spitze</translation>
    </message>
    <message>
        <source>as the centroid of lift</source>
        <translation>als Schwerpunkt des Hubs</translation>
    </message>
    <message>
        <source>as the middle of the events</source>
        <translation>als Mitte der Steuerpunkte</translation>
    </message>
    <message>
        <source>Reckoned that way, what is left is within what you can measure.</source>
        <translation>So gerechnet ist der Rest nicht größer, als messbar ist.</translation>
    </message>
    <message>
        <source>The lobes are not symmetric, and the card means its centre %1.</source>
        <translation>Die Nocken sind nicht symmetrisch, und das Datenblatt meint seine Mitte %1.</translation>
    </message>
    <message>
        <source>What the card states, durations and centres, is what was measured; less than %1 does not show on this wheel.</source>
        <translation>Was das Datenblatt nennt, Öffnungsdauern und Mitten, wurde gemessen; weniger als %1 zeigt diese Scheibe nicht.</translation>
    </message>
    <message>
        <source>No event is off by more than %1, and less than %2 does not show on this wheel.</source>
        <translation>Kein Steuerpunkt weicht um mehr als %1 ab, und weniger als %2 zeigt diese Scheibe nicht.</translation>
    </message>
    <message>
        <source>On each cam opening and closing moved alike and no duration changed.</source>
        <translation>An jeder Welle wanderten Öffnen und Schließen gleich, und keine Öffnungsdauer änderte sich.</translation>
    </message>
    <message>
        <source>All events moved alike and no duration changed.</source>
        <translation>Alle Steuerpunkte wanderten gleich, und keine Öffnungsdauer änderte sich.</translation>
    </message>
    <message>
        <source>Opening and closing moved alike.</source>
        <translation>Öffnen und Schließen wanderten gleich.</translation>
    </message>
    <message>
        <source>Opening and closing moved opposite ways.</source>
        <translation>Öffnen und Schließen wanderten entgegengesetzt.</translation>
    </message>
    <message>
        <source>Opening and closing moved opposite ways, as a change of height does at these slopes.</source>
        <translation>Öffnen und Schließen wanderten entgegengesetzt, wie bei einer anderen Höhe an diesen Steigungen.</translation>
    </message>
    <message>
        <source>The base circle reads zero, so it is not the indicator&apos;s zero. </source>
        <translation>Der Grundkreis zeigt null, also ist es nicht der Nullpunkt der Messuhr. </translation>
    </message>
    <message>
        <source>The base circle reads zero and the middle of the events is where the card has it.</source>
        <translation>Der Grundkreis zeigt null, und die Mitte der Steuerpunkte ist, wo das Datenblatt sie hat.</translation>
    </message>
    <message>
        <source>The middle of the events is where the card has it.</source>
        <translation>Die Mitte der Steuerpunkte ist, wo das Datenblatt sie hat.</translation>
    </message>
    <message>
        <source>Greatest lift and events are off by one and the same factor.</source>
        <translation>Größter Hub und Steuerpunkte weichen um denselben Faktor ab.</translation>
    </message>
    <message>
        <source>The openings are as the card on both lobes, the closings late alike.</source>
        <translation>Das Öffnen ist an beiden Nocken wie im Datenblatt, das Schließen gleich viel zu spät.</translation>
    </message>
    <message>
        <source>The intake moved %1, the exhaust %2.</source>
        <translation>Der Einlass wanderte %1, der Auslass %2.</translation>
    </message>
    <message>
        <source>The other events fit without it.</source>
        <translation>Die anderen Steuerpunkte passen ohne ihn.</translation>
    </message>
    <message>
        <source>Every event fits that way, and none as it was recorded.</source>
        <translation>So passt jeder Steuerpunkt, und keiner, wie er gemessen wurde.</translation>
    </message>
    <message>
        <source>No shift, zero, height, factor or lash brings it to the card.</source>
        <translation>Keine Verschiebung, kein Nullpunkt, keine Höhe, kein Faktor und kein Ventilspiel bringt sie zum Datenblatt.</translation>
    </message>
    <message>
        <source>Both lobe centres were read the same way on both cylinders.</source>
        <translation>Beide Nockenmitten wurden an beiden Zylindern gleich gelesen.</translation>
    </message>
    <message>
        <source>What every simple cause leaves is more than measuring does.</source>
        <translation>Was jede einfache Ursache übrig lässt, ist mehr, als Messen es tut.</translation>
    </message>
    <message>
        <source>advance</source>
        <comment>verb</comment>
        <translation>früher stellen</translation>
    </message>
    <message>
        <source>retard</source>
        <comment>verb</comment>
        <translation>später stellen</translation>
    </message>
    <message>
        <source> %1 by %2 crank degrees</source>
        <translation> um %2 Grad Kurbelwelle %1</translation>
    </message>
    <message>
        <source>TDC is proved: </source>
        <translation>OT ist bewiesen: </translation>
    </message>
    <message>
        <source>Prove TDC first; if it stands, </source>
        <translation>Erst OT beweisen; stimmt er, </translation>
    </message>
    <message>
        <source>the intake cam</source>
        <translation>die Einlasswelle</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>the exhaust cam</source>
        <translation>die Auslasswelle</translation>
    </message>
    <message>
        <source>The other cam proves the pointer: </source>
        <translation>Die andere Welle beweist den Zeiger: </translation>
    </message>
    <message>
        <source>the %1 cam</source>
        <translation>die %1welle</translation>
    </message>
    <message>
        <source>. That moves exhaust opening, overlap and how near the exhaust valve comes to the piston.</source>
        <translation>. Das bewegt das Öffnen des Auslasses, die Überschneidung und wie nahe das Auslassventil dem Kolben kommt.</translation>
    </message>
    <message>
        <source>move each cam: both want to come %1 by %2.</source>
        <translation>jede Welle verstellen: beide wollen %1, um %2.</translation>
    </message>
    <message>
        <source>the cam</source>
        <translation>die Nockenwelle</translation>
    </message>
    <message>
        <source>%1 crank, %2 cam degrees</source>
        <translation>%1 Grad Kurbelwelle, %2 Grad Nockenwelle</translation>
    </message>
    <message>
        <source> It is no whole tooth of this drive (one is %1).</source>
        <translation> Das ist kein ganzer Zahn dieses Antriebs (einer ist %1).</translation>
    </message>
    <message>
        <source> That is one tooth of this drive (%1).</source>
        <translation> Das ist ein Zahn dieses Antriebs (%1).</translation>
    </message>
    <message>
        <source>Nothing to do.</source>
        <translation>Nichts zu tun.</translation>
    </message>
    <message>
        <source>Set the indicator to zero on the base circle and read both flanks again near that height.</source>
        <translation>Messuhr auf dem Grundkreis nullen und beide Flanken nahe dieser Höhe nochmals messen.</translation>
    </message>
    <message>
        <source>See which height the card means, and set it there.</source>
        <translation>Nachsehen, welche Höhe das Datenblatt meint, und sie dort eintragen.</translation>
    </message>
    <message>
        <source>See whether the card means valve or tappet lift, and set it there.</source>
        <translation>Nachsehen, ob das Datenblatt Ventil- oder Stößelhub meint, und es dort eintragen.</translation>
    </message>
    <message>
        <source>Check how lash was set when lift was taken, and set it so in the conditions.</source>
        <translation>Prüfen, wie das Ventilspiel beim Messen eingestellt war, und es bei den Bedingungen eintragen.</translation>
    </message>
    <message>
        <source>Keep the centre; the %1 to expect is then %2 %3.</source>
        <translation>Die Mitte behalten; zu erwarten ist dann %2 %3 für %1.</translation>
    </message>
    <message>
        <source>Keep the centre.</source>
        <translation>Die Mitte behalten.</translation>
    </message>
    <message>
        <source>Measure the ratio from two lifts at one angle, and see that the indicator stands in line with the part it follows.</source>
        <translation>Die Übersetzung aus zwei Hüben bei einem Winkel messen, und nachsehen, ob die Messuhr in der Richtung des Teils steht, dem sie folgt.</translation>
    </message>
    <message>
        <source>Read both closings again coming up the same way, with the chain or belt loaded on the same side.</source>
        <translation>Beide Schließpunkte nochmals messen, auf dieselbe Weise heran, Kette oder Riemen auf derselben Seite gespannt.</translation>
    </message>
    <message>
        <source>On one shaft it cannot be set: set by the intake (%1 by %2), or split the difference (%3 by %4). Read both runs again before blaming the cam.</source>
        <translation>Auf einer Welle ist sie nicht einstellbar: nach dem Einlass stellen (%1, um %2), oder die Differenz teilen (%3, um %4). Beide Reihen nochmals messen, ehe die Nockenwelle beschuldigt wird.</translation>
    </message>
    <message>
        <source>Read that event again before anything is moved.</source>
        <translation>Diesen Steuerpunkt nochmals messen, ehe etwas verstellt wird.</translation>
    </message>
    <message>
        <source>See which lobe the indicator stood on, and record it there. Move nothing before.</source>
        <translation>Nachsehen, auf welchem Nocken die Messuhr stand, und es dort festhalten. Vorher nichts verstellen.</translation>
    </message>
    <message>
        <source>See which way the wheel&apos;s numbers run as the engine turns, and set its scale so. Move nothing before.</source>
        <translation>Nachsehen, wie die Zahlen der Scheibe laufen, wenn der Motor dreht, und ihre Teilung so wählen. Vorher nichts verstellen.</translation>
    </message>
    <message>
        <source>Say at TDC which top the wheel&apos;s zero is. Move nothing before.</source>
        <translation>Bei OT sagen, welcher OT null der Scheibe ist. Vorher nichts verstellen.</translation>
    </message>
    <message>
        <source>Read the wheel on the crank, or double the angles. Move nothing before.</source>
        <translation>Die Scheibe an der Kurbelwelle lesen, oder die Winkel verdoppeln. Vorher nichts verstellen.</translation>
    </message>
    <message>
        <source>Check the number on the cam against the card, and the ratio and lash in the conditions.</source>
        <translation>Die Nummer auf der Nockenwelle mit dem Datenblatt vergleichen, und Übersetzung und Ventilspiel bei den Bedingungen.</translation>
    </message>
    <message>
        <source>Prove TDC for that cylinder, and read its lobes again.</source>
        <translation>Den OT dieses Zylinders beweisen und seine Nocken nochmals messen.</translation>
    </message>
    <message>
        <source>Take the events again, each until three agree.</source>
        <translation>Die Steuerpunkte nochmals messen, jeden, bis drei stimmen.</translation>
    </message>
    <message>
        <source>%1: %2 passes lie within %3 of each other, widest at %4: that is the measuring error you have.</source>
        <translation>%1: %2 Durchgänge liegen innerhalb %3, am weitesten bei %4: das ist der Messfehler.</translation>
    </message>
    <message>
        <source>%1: %2 passes lie up to %3 apart, at %4: more than a wheel and an indicator explain. Something moved between them; read once more.</source>
        <translation>%1: %2 Durchgänge liegen bis zu %3 auseinander, bei %4: mehr, als Scheibe und Messuhr erklären. Dazwischen hat sich etwas bewegt; nochmals messen.</translation>
    </message>
    <message>
        <source>%1: the mean of %2 passes.</source>
        <translation>%1: das Mittel von %2 Durchgängen.</translation>
    </message>
    <message>
        <source>%1: the cam was moved since this was measured. Measure it again; until then nothing is said of where it stands.</source>
        <translation>%1: die Nockenwelle wurde seither verstellt. Nochmals messen; bis dahin wird nichts darüber gesagt, wo sie steht.</translation>
    </message>
    <message>
        <source>%1: the lobe centre falls at %2°, far from where such a lobe sits. Is the wheel&apos;s zero at TDC on overlap? It may be 360° out.</source>
        <translation>%1: die Nockenmitte fällt auf %2°, weit von dort, wo ein solcher Nocken sitzt. Steht null der Scheibe auf dem Überschneidungs-OT? Es können 360° fehlen.</translation>
    </message>
    <message>
        <source>%1: this lobe stands %2 from cylinder 1&apos;s on the same wheel, as another cylinder does. This cylinder&apos;s TDC is not known: give the firing order at Engine, or set the wheel for it.</source>
        <translation>%1: dieser Nocken steht %2 von dem des Zylinders 1 auf derselben Scheibe, wie es ein anderer Zylinder tut. Der OT dieses Zylinders ist nicht bekannt: die Zündfolge bei Motor angeben, oder die Scheibe für ihn stellen.</translation>
    </message>
    <message>
        <source>%1: the lobe centre stands %2 against cylinder 1, more than a wheel explains. A twisted or bent cam, or this cylinder&apos;s TDC; prove that first.</source>
        <translation>%1: die Nockenmitte steht %2 gegen Zylinder 1, mehr, als eine Scheibe erklärt. Eine verdrehte oder verbogene Nockenwelle, oder der OT dieses Zylinders; den erst beweisen.</translation>
    </message>
    <message>
        <source>The cam is %1 against its card, both lobes alike: that is timing, not the cam. With TDC proved, %2 it by %3 crank degrees.</source>
        <translation>Die Nockenwelle steht %1 gegen ihr Datenblatt, beide Nocken gleich: das ist Einstellung, nicht die Nockenwelle. Bei bewiesenem OT um %3 Grad Kurbelwelle %2.</translation>
    </message>
    <message>
        <source>The two lobes stand %1 cam degrees %2 than the card says: that is separation, not timing. On one shaft it cannot be set; read both runs again before blaming the cam.</source>
        <translation>Die beiden Nocken stehen %1 Grad Nockenwelle %2, als das Datenblatt sagt: das ist Spreizung, nicht Einstellung. Auf einer Welle ist sie nicht einstellbar; beide Reihen nochmals messen, ehe die Nockenwelle beschuldigt wird.</translation>
    </message>
    <message>
        <source>%1: the lobe centre is %2 against the card. If TDC is proved, the cam is to be moved by that much.</source>
        <translation>%1: die Nockenmitte steht %2 gegen das Datenblatt. Ist OT bewiesen, ist die Nockenwelle um so viel zu verstellen.</translation>
    </message>
    <message>
        <source>Cylinder %1 is not as its card, and not by timing alone: the Timing station says why.</source>
        <translation>Zylinder %1 ist nicht wie sein Datenblatt, und nicht allein durch die Einstellung: Steuerzeiten sagt, warum.</translation>
    </message>
    <message>
        <source>%1: the lobe centre is as the card, within what a wheel can show (%2°).</source>
        <translation>%1: die Nockenmitte ist wie im Datenblatt, soweit eine Scheibe es zeigt (%2°).</translation>
    </message>
    <message>
        <source>The two valves are never off their seats together, so there is no split point.</source>
        <translation>Die beiden Ventile sind nie gleichzeitig offen, also gibt es keinen Gleichhubpunkt.</translation>
    </message>
    <message>
        <source>bore %1: expected more than nothing</source>
        <translation>Bohrung %1: mehr als nichts erwartet</translation>
    </message>
    <message>
        <source>stroke %1: expected more than nothing</source>
        <translation>Kolbenhub %1: mehr als nichts erwartet</translation>
    </message>
    <message>
        <source>rod %1: too short to span the crank throw and the pin offset</source>
        <translation>Pleuel %1: zu kurz, um Kurbelradius und Bolzenversatz zu überspannen</translation>
    </message>
    <message>
        <source>clearance volume %1 cc: chamber, gasket, deck, crown and crevice must leave more than nothing</source>
        <translation>Kompressionsvolumen %1 cc: Brennraum, Dichtung, Rückstand, Kolbenboden und Spalt müssen mehr als nichts lassen</translation>
    </message>
    <message>
        <source>intake closing %1 after BDC: beyond the stroke; expected -60 to 180</source>
        <translation>Einlass schließt %1 nach UT: jenseits des Hubs; erwartet -60 bis 180</translation>
    </message>
    <message>
        <source>seat, measured here</source>
        <translation>Ventilsitz, hier gemessen</translation>
    </message>
    <message>
        <source>seat, by the maker</source>
        <translation>Ventilsitz, nach Hersteller</translation>
    </message>
    <message>
        <source>1.27 mm and 15</source>
        <translation>1,27 mm und 15</translation>
    </message>
    <message>
        <source>own height</source>
        <translation>eigene Höhe</translation>
    </message>
    <message>
        <source>Strike it and read it again; no figure is made of it.</source>
        <translation>Streichen und nochmals messen; kein Wert wird daraus gebildet.</translation>
    </message>
    <message>
        <source>%1 would do: strike it and type %2%3. No figure is made of it until then.</source>
        <translation>%1 würde passen: streichen und %2%3 eingeben. Bis dahin wird kein Wert daraus gebildet.</translation>
    </message>
    <message>
        <source>%1: taken by its events. Duration, overlap and the centre between events stand; lift, area and the other schools need a whole curve.</source>
        <translation>%1: nach Steuerpunkten gemessen. Öffnungsdauer, Überschneidung und die Mitte zwischen ihnen gelten; Hub, Fläche und die anderen Schulen brauchen eine ganze Kurve.</translation>
    </message>
    <message>
        <source>%1: taken by its centre. Where the lobe stands is known; its events, lift and area need more.</source>
        <translation>%1: nach der Mitte gemessen. Bekannt ist, wo der Nocken steht; Steuerpunkte, Hub und Fläche brauchen mehr.</translation>
    </message>
    <message>
        <source>%1 %2 at %3: %4 makes a duration of %5, and no cam has that. %6</source>
        <translation>%1 %2 bei %3: %4 ergibt eine Öffnungsdauer von %5, die keine Nockenwelle hat. %6</translation>
    </message>
    <message>
        <source>%1 %2 at %3: %4 puts the lobe centre at %5, where none sits. %6</source>
        <translation>%1 %2 bei %3: %4 legt die Nockenmitte auf %5, wo keine sitzt. %6</translation>
    </message>
    <message>
        <source>%1: a nose at %2 lies %3 from the middle of its events; on any cam it is near it. It does not count. Strike it and read it again.</source>
        <translation>%1: eine Spitze bei %2 liegt %3 von der Mitte seiner Steuerpunkte; an jeder Nockenwelle ist sie nahe daran. Sie zählt nicht. Streichen und nochmals messen.</translation>
    </message>
    <message>
        <source>%1: events taken at %2, and the card&apos;s are at %3: near, but not the same (1 mm is not 0.040 in). They are not compared; take them at the card&apos;s height, or set the card&apos;s.</source>
        <translation>%1: Steuerpunkte bei %2 gemessen, die des Datenblatts gelten bei %3: nahe, aber nicht dasselbe (1 mm ist nicht 0.040 in). Sie werden nicht verglichen; bei der Höhe des Datenblatts messen oder dessen Höhe setzen.</translation>
    </message>
    <message>
        <source> (%1 mm)</source>
        <translation> (%1 mm)</translation>
    </message>
    <message>
        <source>%1 %2: the reading at %3 stands %4 from the others. Strike it, or read it again.</source>
        <translation>%1 %2: der Messwert bei %3 steht %4 von den anderen. Streichen oder nochmals messen.</translation>
    </message>
    <message>
        <source>%1 %2: %3 as taken is far from the card, but %4 would fit it: the other side of the dead centre? Strike it and type it with its side.</source>
        <translation>%1 %2: %3, wie gemessen, ist weit vom Datenblatt, aber %4 würde passen: die andere Seite des Totpunkts? Streichen und mit Seite eingeben.</translation>
    </message>
    <message>
        <source>intake opening</source>
        <translation>Öffnen des Einlasses</translation>
    </message>
    <message>
        <source>intake closing</source>
        <translation>Schließen des Einlasses</translation>
    </message>
    <message>
        <source>exhaust opening</source>
        <translation>Öffnen des Auslasses</translation>
    </message>
    <message>
        <source>exhaust closing</source>
        <translation>Schließen des Auslasses</translation>
    </message>
    <message>
        <source>BTDC</source>
        <translation>v. OT</translation>
    </message>
    <message>
        <source>ABDC</source>
        <translation>n. UT</translation>
    </message>
    <message>
        <source>BBDC</source>
        <translation>v. UT</translation>
    </message>
    <message>
        <source>ATDC</source>
        <translation>n. OT</translation>
    </message>
    <message>
        <source>IVO</source>
        <translation>EÖ</translation>
    </message>
    <message>
        <source>IVC</source>
        <translation>ES</translation>
    </message>
    <message>
        <source>EVO</source>
        <translation>AÖ</translation>
    </message>
    <message>
        <source>EVC</source>
        <translation>AS</translation>
    </message>
    <message>
        <source>Reading that event once more, coming up forwards, tells.</source>
        <translation>Diesen Steuerpunkt nochmals messen, vorwärts heran, entscheidet.</translation>
    </message>
    <message>
        <source>The greatest lift, and the ratio of two lifts at one angle, tell.</source>
        <translation>Der größte Hub und die Übersetzung aus zwei Hüben bei einem Winkel entscheiden.</translation>
    </message>
    <message>
        <source>What the indicator reads well on the base circle tells.</source>
        <translation>Was die Messuhr weit auf dem Grundkreis zeigt, entscheidet.</translation>
    </message>
    <message>
        <source>The same event with the lash taken out tells.</source>
        <translation>Derselbe Steuerpunkt ohne Ventilspiel entscheidet.</translation>
    </message>
    <message>
        <source>Both closings again, coming up the same way, tell.</source>
        <translation>Beide Schließpunkte nochmals, auf dieselbe Weise heran, entscheiden.</translation>
    </message>
    <message>
        <source>The events at a second height tell.</source>
        <translation>Die Steuerpunkte bei einer zweiten Höhe entscheiden.</translation>
    </message>
    <message>
        <source>One look at which valve moves, as the crank is turned on, tells.</source>
        <translation>Ein Blick darauf, welches Ventil sich beim Weiterdrehen bewegt, entscheidet.</translation>
    </message>
    <message>
        <source>Proving TDC once more, and the events again, tell.</source>
        <translation>OT nochmals beweisen, und die Steuerpunkte nochmals, entscheidet.</translation>
    </message>
    <message>
        <source> It may also be this: </source>
        <translation> Es kann auch dies sein: </translation>
    </message>
    <message>
        <source>as the card</source>
        <translation>wie das Datenblatt</translation>
    </message>
    <message>
        <source>in %1, ex %2</source>
        <translation>Ein %1, Aus %2</translation>
    </message>
    <message>
        <source>cam </source>
        <translation>Nockenwelle </translation>
    </message>
    <message>
        <source>indicator zero?</source>
        <translation>Nullpunkt?</translation>
    </message>
    <message>
        <source>checking height?</source>
        <translation>Prüfhub?</translation>
    </message>
    <message>
        <source>valve or tappet lift?</source>
        <translation>Ventil- oder Stößelhub?</translation>
    </message>
    <message>
        <source>lash?</source>
        <translation>Ventilspiel?</translation>
    </message>
    <message>
        <source>separation %1°</source>
        <translation>Spreizung %1°</translation>
    </message>
    <message>
        <source>again: </source>
        <translation>nochmals: </translation>
    </message>
    <message>
        <source>lobes exchanged?</source>
        <translation>Nocken vertauscht?</translation>
    </message>
    <message>
        <source>cam degrees?</source>
        <translation>Grad Nockenwelle?</translation>
    </message>
    <message>
        <source>wheel reversed?</source>
        <translation>Scheibe verkehrt?</translation>
    </message>
    <message>
        <source>the other top?</source>
        <translation>der andere OT?</translation>
    </message>
    <message>
        <source>lobe length</source>
        <translation>Nockenlänge</translation>
    </message>
    <message>
        <source>ratio or askew?</source>
        <translation>Übersetzung oder schräg?</translation>
    </message>
    <message>
        <source>slack?</source>
        <translation>Spiel im Antrieb?</translation>
    </message>
    <message>
        <source>another cam?</source>
        <translation>andere Nockenwelle?</translation>
    </message>
    <message>
        <source>twist, cylinder %1</source>
        <translation>Verdrehung, Zylinder %1</translation>
    </message>
    <message>
        <source>not as the card</source>
        <translation>nicht wie das Datenblatt</translation>
    </message>
    <message>
        <source>as card</source>
        <translation>wie Datenblatt</translation>
    </message>
    <message>
        <source>%1 %2 %3, card %4: %5, %6</source>
        <translation>%1 %2 %3, Datenblatt %4: %5, %6</translation>
    </message>
    <message>
        <source>derived, not judged</source>
        <translation>abgeleitet, nicht beurteilt</translation>
    </message>
    <message>
        <source>%1 greatest lift %2, card %3%4: %5 %6, ±%7</source>
        <translation>%1 größter Hub %2, Datenblatt %3%4: %5 %6, ±%7</translation>
    </message>
    <message>
        <source> (%1 before lash)</source>
        <translation> (%1 vor Ventilspiel)</translation>
    </message>
    <message>
        <source>The card contradicts itself: its advertised duration, %1, is no longer than the one higher up, %2.</source>
        <translation>Das Datenblatt widerspricht sich: seine Katalogdauer, %1, ist nicht länger als die weiter oben, %2.</translation>
    </message>
    <message>
        <source>The card contradicts itself: it prints %1 %2, but the rest of it makes %3.</source>
        <translation>Das Datenblatt widerspricht sich: gedruckt ist %1 %2, der Rest ergibt %3.</translation>
    </message>
    <message>
        <source>%1: symmetric within %2; the schools should agree.</source>
        <translation>%1: symmetrisch innerhalb %2; die Schulen sollten übereinstimmen.</translation>
    </message>
    <message>
        <source>%1: asymmetric, its middle stands %2 low down against high up; the schools differ by nature.</source>
        <translation>%1: unsymmetrisch, seine Mitte steht unten %2 gegen oben; die Schulen weichen von Natur ab.</translation>
    </message>
    <message>
        <source>%1: too noisy to call symmetric or not (%2).</source>
        <translation>%1: zu verrauscht, um symmetrisch oder nicht zu sagen (%2).</translation>
    </message>
    <message>
        <source>%1: the curve goes through every reading.</source>
        <translation>%1: die Kurve geht durch jeden Messwert.</translation>
    </message>
    <message>
        <source>%1: smoothed, since readings scatter by %2.</source>
        <translation>%1: geglättet, da die Messwerte um %2 streuen.</translation>
    </message>
    <message>
        <source> duration</source>
        <translation> Dauer</translation>
    </message>
    <message>
        <source> opens</source>
        <translation> öffnet</translation>
    </message>
    <message>
        <source> closes</source>
        <translation> schließt</translation>
    </message>
    <message>
        <source> centre</source>
        <translation> Mitte</translation>
    </message>
    <message>
        <source>Advance</source>
        <translation>Frühstellung</translation>
    </message>
    <message>
        <source>Overlap</source>
        <translation>Überschneidung</translation>
    </message>
    <message>
        <source> lift</source>
        <translation> Hub</translation>
    </message>
    <message>
        <source> area</source>
        <translation> Fläche</translation>
    </message>
    <message>
        <source>ATDC, </source>
        <translation>n. OT, </translation>
    </message>
    <message>
        <source>BTDC, </source>
        <translation>v. OT, </translation>
    </message>
    <message>
        <source>drop </source>
        <translation>Abfall </translation>
    </message>
    <message>
        <source>events </source>
        <translation>Steuerpunkte </translation>
    </message>
    <message>
        <source>cam degrees, </source>
        <translation>Grad Nockenwelle, </translation>
    </message>
    <message>
        <source>crank degrees, </source>
        <translation>Grad Kurbelwelle, </translation>
    </message>
    <message>
        <source>BTDC, valve lift</source>
        <translation>v. OT, Ventilhub</translation>
    </message>
    <message>
        <source>ATDC, valve lift</source>
        <translation>n. OT, Ventilhub</translation>
    </message>
    <message>
        <source>as taken</source>
        <translation>wie gemessen</translation>
    </message>
    <message>
        <source>, as taken</source>
        <translation>, wie gemessen</translation>
    </message>
    <message>
        <source> from card</source>
        <translation> zum Datenblatt</translation>
    </message>
    <message>
        <source>Opens %1, closes %2 on the curve through %3 readings. Open + 180 + close = %4 + 180 + %5 = %6.</source>
        <translation>Öffnet %1, schließt %2 auf der Kurve durch %3 Messwerte. Öffnen + 180 + Schließen = %4 + 180 + %5 = %6.</translation>
    </message>
    <message>
        <source> %1: covers the truth 95 times in 100, from the scatter of the readings and the slope there%2.</source>
        <translation> %1: deckt die Wahrheit 95 von 100 Mal, aus der Streuung der Messwerte und der Steigung dort%2.</translation>
    </message>
    <message>
        <source>, with what TDC leaves</source>
        <translation>, mit dem, was der OT lässt</translation>
    </message>
    <message>
        <source>Midway between the two readings %1 below the nose.</source>
        <translation>Mitte zwischen den beiden Messwerten %1 unter der Spitze.</translation>
    </message>
    <message>
        <source>Midway between opening and closing at %1; without a curve there is no other school.</source>
        <translation>Mitte zwischen Öffnen und Schließen bei %1; ohne Kurve gibt es keine andere Schule.</translation>
    </message>
    <message>
        <source>Where the lift was read highest.</source>
        <translation>Wo der Hub am größten gelesen wurde.</translation>
    </message>
    <message>
        <source>Four schools: equal drop %1 below the nose %2, middle of events %3, highest lift %4, centroid of the area %5. The slate shows %6.</source>
        <translation>Vier Schulen: gleicher Abfall %1 unter der Spitze %2, Mitte der Steuerpunkte %3, größter Hub %4, Schwerpunkt der Fläche %5. Die Tafel zeigt %6.</translation>
    </message>
    <message>
        <source>(intake centre + exhaust centre) / 2 = (%1 + %2) / 2 = %3 cam degrees.</source>
        <translation>(Einlassmitte + Auslassmitte) / 2 = (%1 + %2) / 2 = %3 Grad Nockenwelle.</translation>
    </message>
    <message>
        <source>Separation less intake centre = %1 − %2 = %3; positive is early.</source>
        <translation>Spreizung weniger Einlassmitte = %1 − %2 = %3; positiv ist früh.</translation>
    </message>
    <message>
        <source>Intake opens + exhaust closes = %1 + %2 = %3.</source>
        <translation>Einlass öffnet + Auslass schließt = %1 + %2 = %3.</translation>
    </message>
    <message>
        <source>Where both valves have the same lift near TDC, from both curves.</source>
        <translation>Wo beide Ventile nahe dem OT denselben Hub haben, aus beiden Kurven.</translation>
    </message>
    <message>
        <source>The top of the curve through the readings, not the highest reading.</source>
        <translation>Der Scheitel der Kurve durch die Messwerte, nicht der größte Messwert.</translation>
    </message>
    <message>
        <source>The area under the curve through the readings, in %1: lift times crank degrees.</source>
        <translation>Die Fläche unter der Kurve durch die Messwerte, in %1: Hub mal Grad Kurbelwelle.</translation>
    </message>
    <message>
        <source>at %1, %2</source>
        <translation>bei %1, %2</translation>
    </message>
    <message>
        <source>late</source>
        <translation>spät</translation>
    </message>
    <message>
        <source>early</source>
        <translation>früh</translation>
    </message>
    <message>
        <source>after TDC</source>
        <translation>nach OT</translation>
    </message>
    <message>
        <source>before TDC</source>
        <translation>vor OT</translation>
    </message>
    <message>
        <source>after BDC</source>
        <translation>nach UT</translation>
    </message>
    <message>
        <source>before BDC</source>
        <translation>vor UT</translation>
    </message>
    <message>
        <source> mm </source>
        <translation> mm </translation>
    </message>
    <message>
        <source>Intake</source>
        <translation>Einlass</translation>
    </message>
    <message>
        <source>Exhaust</source>
        <translation>Auslass</translation>
    </message>
    <message>
        <source>equal drop</source>
        <translation>gleicher Abfall</translation>
    </message>
    <message>
        <source>middle of events</source>
        <translation>Steuerpunktmitte</translation>
    </message>
    <message>
        <source>highest lift</source>
        <translation>größter Hub</translation>
    </message>
    <message>
        <source>centroid</source>
        <translation>Schwerpunkt</translation>
    </message>
    <message>
        <source>solid flat tappet</source>
        <translation>starrer Flachstößel</translation>
    </message>
    <message>
        <source>solid roller</source>
        <translation>starrer Rollenstößel</translation>
    </message>
    <message>
        <source>hydraulic</source>
        <translation>hydraulisch</translation>
    </message>
    <message>
        <source>hydraulic made solid</source>
        <translation>hydraulisch, starr gemacht</translation>
    </message>
    <message>
        <source>bucket</source>
        <translation>Tassenstößel</translation>
    </message>
    <message>
        <source>finger</source>
        <translation>Schlepphebel</translation>
    </message>
    <message>
        <source>push-rod, single cam</source>
        <translation>Stoßstangen, eine Nockenwelle</translation>
    </message>
    <message>
        <source>one overhead cam</source>
        <translation>eine obenliegende Nockenwelle</translation>
    </message>
    <message>
        <source>clockwise</source>
        <translation>im Uhrzeigersinn</translation>
    </message>
    <message>
        <source>anticlockwise</source>
        <translation>gegen den Uhrzeigersinn</translation>
    </message>
    <message>
        <source>0 to 360, rising with rotation</source>
        <translation>0 bis 360, steigend in Drehrichtung</translation>
    </message>
    <message>
        <source>0 to 360, rising against rotation</source>
        <translation>0 bis 360, steigend gegen Drehrichtung</translation>
    </message>
    <message>
        <source>0 to 180 to 0</source>
        <translation>0 bis 180 bis 0</translation>
    </message>
    <message>
        <source>0 to 90 to 0, four quarters</source>
        <translation>0 bis 90 bis 0, vier Viertel</translation>
    </message>
    <message>
        <source>electronic, 0 to 180 twice</source>
        <translation>elektronisch, zweimal 0 bis 180</translation>
    </message>
    <message>
        <source>a tape, mm either side of zero</source>
        <translation>ein Maßband, mm beiderseits von null</translation>
    </message>
    <message>
        <source>signed, −180 to 180</source>
        <translation>mit Vorzeichen, −180 bis 180</translation>
    </message>
    <message>
        <source>positive stop</source>
        <translation>Kolbenanschlag</translation>
    </message>
    <message>
        <source>there and back</source>
        <translation>hin und zurück</translation>
    </message>
    <message>
        <source>symmetric port</source>
        <translation>symmetrischer Schlitz</translation>
    </message>
    <message>
        <source>highest reading</source>
        <translation>höchste Anzeige</translation>
    </message>
    <message>
        <source>in hand</source>
        <translation>in Arbeit</translation>
    </message>
    <message>
        <source>look again</source>
        <translation>nachsehen</translation>
    </message>
    <message>
        <source>%1 %2 its neighbours</source>
        <translation>%1 %2 seinen Nachbarn</translation>
    </message>
    <message>
        <source>under</source>
        <translation>unter</translation>
    </message>
    <message>
        <source>over</source>
        <translation>über</translation>
    </message>
    <message>
        <source>%1: the reading at %2 sits %3, or the one at %4 is the odd one: they are not told apart, and neither counts. Go back well past both and read them once more.</source>
        <translation>%1: der Messwert bei %2 liegt %3, oder der bei %4 ist der auffällige: sie sind nicht zu unterscheiden, und keiner zählt. Weit hinter beide zurück und sie nochmals messen.</translation>
    </message>
    <message>
        <source>%1: the reading at %2 sits %3, and does not count. Go back well past it, come up to %2 again and read it once more; if it reads the same, it counts.</source>
        <translation>%1: der Messwert bei %2 liegt %3 und zählt nicht. Weit dahinter zurück, wieder heran an %2 und nochmals messen; zeigt er dasselbe, zählt er.</translation>
    </message>
    <message>
        <source>opening</source>
        <comment>flank</comment>
        <translation>Öffnungs</translation>
    </message>
    <message>
        <source>closing</source>
        <comment>flank</comment>
        <translation>Schließ</translation>
    </message>
    <message>
        <source>%1: a lobe needs at least %2 readings before it says anything. Keep going.</source>
        <translation>%1: ein Nocken braucht mindestens %2 Messwerte, ehe er etwas sagt. Weiter messen.</translation>
    </message>
    <message>
        <source>%1: lift changes by only %2. Is the indicator on the right follower, and the cam turning?</source>
        <translation>%1: der Hub ändert sich nur um %2. Steht die Messuhr auf dem richtigen Stößel, und dreht die Nockenwelle?</translation>
    </message>
    <message>
        <source>%1: the nose is not behind you yet: lift is still near its greatest at %2. Keep going down the other flank.</source>
        <translation>%1: die Spitze liegt noch nicht dahinter: bei %2 ist der Hub noch nahe dem größten. Die andere Flanke hinunter weiter messen.</translation>
    </message>
    <message>
        <source>%1: the %2 flank has no reading under %3, so that event is not known. Take readings farther down that flank.</source>
        <translation>%1: die %2flanke hat keinen Messwert unter %3, also ist dieser Steuerpunkt nicht bekannt. Weiter unten an dieser Flanke messen.</translation>
    </message>
    <message>
        <source>%1: checking height %2 is above the greatest lift, %3. It is left out.</source>
        <translation>%1: der Prüfhub %2 liegt über dem größten Hub, %3. Er bleibt weg.</translation>
    </message>
    <message>
        <source>%1: checking height %2 is hidden by the lash as this lift was taken. Take it at the tappet, or with the lash out.</source>
        <translation>%1: der Prüfhub %2 ist, wie dieser Hub gemessen wurde, vom Ventilspiel verdeckt. Am Stößel messen, oder ohne Spiel.</translation>
    </message>
    <message>
        <source>%1: lift passes %2 %3 times on the %4 flank; once is right. %5</source>
        <translation>%1: der Hub geht auf der %4flanke %3-mal durch %2; einmal ist richtig. %5</translation>
    </message>
    <message>
        <source>That is scatter; the smoothed curve is used.</source>
        <translation>Das ist Streuung; die geglättete Kurve gilt.</translation>
    </message>
    <message>
        <source>Their mean is used. Read that stretch again.</source>
        <translation>Ihr Mittel gilt. Diese Strecke nochmals messen.</translation>
    </message>
    <message>
        <source>%1: the run %2 at %3 of lift, above the base circle. The area and its centroid reckon the missing part as about %4; their ± allows for it.</source>
        <translation>%1: die Messreihe %2 bei %3 Hub, über dem Grundkreis. Fläche und Schwerpunkt rechnen den fehlenden Teil mit etwa %4; ihr ± lässt dafür Raum.</translation>
    </message>
    <message>
        <source>begins</source>
        <translation>beginnt</translation>
    </message>
    <message>
        <source>ends</source>
        <translation>endet</translation>
    </message>
    <message>
        <source>%1: the indicator came home to %2 instead of where it began. A slipped base, a follower bleeding down or base-circle run-out: the readings do not tell which. Check the stand, then read the run again.</source>
        <translation>%1: die Messuhr kam auf %2 heim, statt wo sie begann. Ein verrutschter Fuß, ein nachgebender Stößel oder Schlag des Grundkreises: die Messwerte sagen nicht, welches. Das Stativ prüfen, dann die Reihe nochmals messen.</translation>
    </message>
    <message>
        <source>%1: the indicator came home to %2, and the readings jump by as much at %3: the base or the stand slipped there. Set it firm and read on from before it.</source>
        <translation>%1: die Messuhr kam auf %2 heim, und bei %3 springen die Messwerte um ebenso viel: dort verrutschte Fuß oder Stativ. Fest aufsetzen und von davor weiter messen.</translation>
    </message>
    <message>
        <source>%1: the indicator came home to %2 with a live hydraulic follower and no jump on the way: it bled down under the spring. Make it solid, or use a checking spring, and read the run again.</source>
        <translation>%1: die Messuhr kam auf %2 heim, mit arbeitendem Hydrostößel und ohne Sprung unterwegs: er gab unter der Feder nach. Starr machen oder eine Prüffeder nehmen und die Reihe nochmals messen.</translation>
    </message>
    <message>
        <source>%1: the indicator came home to %2, and the base circle itself reads unevenly, by %3: run-out of the base circle, not the stand. Low checking heights carry it.</source>
        <translation>%1: die Messuhr kam auf %2 heim, und der Grundkreis selbst zeigt ungleich, um %3: Schlag des Grundkreises, nicht das Stativ. Kleine Prüfhübe tragen ihn mit.</translation>
    </message>
    <message>
        <source>%1: the indicator was set to zero again before %2, and %3 since do not count until the two zeros join. Read one earlier mark once more, or type &quot;zero&quot; and the lift it stood at.</source>
        <translation>%1: die Messuhr wurde vor %2 neu genullt, und %3 seither zählen nicht, bis beide Nullpunkte verbunden sind. Eine frühere Marke nochmals messen, oder „zero“ und den Hub dort eingeben.</translation>
    </message>
    <message>
        <source>1 reading</source>
        <translation>1 Messwert</translation>
    </message>
    <message>
        <source>%1: %2 at %3 is beyond the %4 this indicator spans. Set it to zero part way up, type &quot;zero&quot; and the lift it stands at, and go on.</source>
        <translation>%1: %2 bei %3 liegt jenseits der %4, die diese Messuhr misst. Unterwegs neu nullen, „zero“ und den Hub dort eingeben, und weiter.</translation>
    </message>
    <message>
        <source>%1: counted down from the nose, but no base circle yet: the lowest reading stands for it. Read on until lift no longer changes, or give the greatest lift among the conditions.</source>
        <translation>%1: von der Spitze abwärts gezählt, aber noch kein Grundkreis: der kleinste Messwert steht dafür. Weiter messen, bis der Hub gleich bleibt, oder den größten Hub bei den Bedingungen angeben.</translation>
    </message>
    <message>
        <source>%1: the two lifts give a ratio of %2 against %3 nominal: a soft spring, a live follower, lash or the rocker itself.</source>
        <translation>%1: die beiden Hübe ergeben eine Übersetzung von %2 gegen %3 nominell: eine weiche Feder, ein nachgebender Stößel, Ventilspiel oder der Kipphebel selbst.</translation>
    </message>
    <message>
        <source>%1: the base circle reads %2, not zero. Low checking heights are off by as much; set the indicator to zero on the base circle.</source>
        <translation>%1: der Grundkreis zeigt %2, nicht null. Kleine Prüfhübe weichen um ebenso viel ab; die Messuhr auf dem Grundkreis nullen.</translation>
    </message>
    <message>
        <source>%1: lift is small, so the equal-drop centre is taken %2 below the nose.</source>
        <translation>%1: der Hub ist klein, daher gilt die Mitte aus gleichem Abfall %2 unter der Spitze.</translation>
    </message>
    <message>
        <source>%1: %2 readings at %3; their mean is used.</source>
        <translation>%1: %2 Messwerte bei %3; ihr Mittel gilt.</translation>
    </message>
    <message>
        <source>%1: readings are up to %2 apart on the lobe. Steps of 5° or less make the events trustworthy.</source>
        <translation>%1: die Messwerte liegen auf dem Nocken bis zu %2 auseinander. Schritte von 5° oder weniger machen die Steuerpunkte verlässlich.</translation>
    </message>
    <message>
        <source>%1: 1 reading was taken while backing up and is left out: it carries the drive&apos;s slack. Come up to that mark again the way the engine runs.</source>
        <translation>%1: 1 Messwert wurde rückwärts gemessen und zählt nicht: er trägt das Spiel des Antriebs. In Laufrichtung wieder an diese Marke heran.</translation>
    </message>
    <message>
        <source>%1: nothing lifts up to %2, where this lobe is long open. The crank is on its other turn: turn it once round, 360°, and type T.</source>
        <translation>%1: bis %2, wo dieser Nocken längst offen ist, hebt nichts. Die Kurbelwelle ist auf ihrer anderen Umdrehung: einmal herum, 360°, und T eingeben.</translation>
    </message>
    <message>
        <source>%1: %2 at %3 is one turn of the dial off: %4 fits its neighbours. Type W to take that.</source>
        <translation>%1: %2 bei %3 ist eine Umdrehung der Messuhr daneben: %4 passt zu seinen Nachbarn. W nimmt das.</translation>
    </message>
    <message>
        <source>%1: %2 at %3, where the base circle belongs. Is the indicator set to zero there, and the figure in the right unit? Strike it if not.</source>
        <translation>%1: %2 bei %3, wo der Grundkreis hingehört. Ist die Messuhr dort genullt, und die Einheit richtig? Sonst streichen.</translation>
    </message>
    <message>
        <source>Look again at %1, %2: %3 %4 its neighbours.</source>
        <translation>Nachsehen bei %1, %2: %3 %4 seinen Nachbarn.</translation>
    </message>
    <message>
        <source>A live hydraulic follower gives way under the running spring, and lift is lost while it is read: make the follower solid, or fit a checking spring, before the first reading. The maker&apos;s manual says how to press it out.</source>
        <translation>Ein arbeitender Hydrostößel gibt unter der Betriebsfeder nach, und beim Messen geht Hub verloren: vor dem ersten Messwert den Stößel starr machen oder eine Prüffeder einbauen. Das Herstellerhandbuch sagt, wie er entleert wird.</translation>
    </message>
    <message>
        <source>Good to know</source>
        <translation>Gut zu wissen</translation>
    </message>
    <message>
        <source>Still to do</source>
        <translation>Noch zu tun</translation>
    </message>
    <message>
        <source>Look again</source>
        <translation>Nachsehen</translation>
    </message>
    <message>
        <source>No result</source>
        <translation>Kein Ergebnis</translation>
    </message>
    <message>
        <source>Type a reading.</source>
        <translation>Einen Messwert eingeben.</translation>
    </message>
    <message>
        <source>Unknown letters. Lengths take mm, in or th; angles take b or a (before, after TDC), bb or ab (BDC).</source>
        <translation>Unbekannte Buchstaben. Längen nehmen mm, in oder th; Winkel b oder a (vor, nach OT), bb oder ab (UT).</translation>
    </message>
    <message>
        <source>That divides by zero.</source>
        <translation>Das teilt durch null.</translation>
    </message>
    <message>
        <source>That is beyond %1; check the decimal point.</source>
        <translation>Das liegt jenseits von %1; das Komma prüfen.</translation>
    </message>
    <message>
        <source>A fraction is of inches, and millimetres are shown: type in behind it, such as 3-5/32 in.</source>
        <translation>Ein Bruch gehört zu Zoll, gezeigt werden Millimeter: in dahinter setzen, etwa 3-5/32 in.</translation>
    </message>
    <message>
        <source>This wheel&apos;s numbers end at %1. Is it the right scale?</source>
        <translation>Die Zahlen dieser Scheibe enden bei %1. Ist es die richtige Teilung?</translation>
    </message>
    <message>
        <source>Before the colon goes a wheel scale: 360, against, 180, 90, signed, twice or tape (with its circumference).</source>
        <translation>Vor den Doppelpunkt gehört eine Teilung: 360, against, 180, 90, signed, twice oder tape (mit seinem Umfang).</translation>
    </message>
    <message>
        <source>Say which side: 75a is 75° after TDC, 20b before it.</source>
        <translation>Die Seite sagen: 75a ist 75° nach OT, 20b davor.</translation>
    </message>
    <message>
        <source>, line %1</source>
        <translation>, Zeile %1</translation>
    </message>
    <message>
        <source>nothing in it; expected a header line with crank_deg and lift_mm or lift_in</source>
        <translation>nichts darin; erwartet eine Kopfzeile mit crank_deg und lift_mm oder lift_in</translation>
    </message>
    <message>
        <source>not a text file; expected a CSV table with crank_deg and lift_mm or lift_in</source>
        <translation>keine Textdatei; erwartet eine CSV-Tabelle mit crank_deg und lift_mm oder lift_in</translation>
    </message>
    <message>
        <source>no crank_deg column in the header; expected crank_deg and lift_mm or lift_in</source>
        <translation>keine Spalte crank_deg im Kopf; erwartet crank_deg und lift_mm oder lift_in</translation>
    </message>
    <message>
        <source>column &quot;%1&quot; does not say its unit; expected lift_mm or lift_in</source>
        <translation>die Spalte „%1“ nennt ihre Einheit nicht; erwartet lift_mm oder lift_in</translation>
    </message>
    <message>
        <source>no lift column in the header; expected lift_mm or lift_in</source>
        <translation>keine Hubspalte im Kopf; erwartet lift_mm oder lift_in</translation>
    </message>
    <message>
        <source>two lift columns in the header; expected one, lift_mm or lift_in</source>
        <translation>zwei Hubspalten im Kopf; erwartet eine, lift_mm oder lift_in</translation>
    </message>
    <message>
        <source>%1 fields where the header has %2; with decimal commas, separate columns by semicolons or tabs</source>
        <translation>%1 Felder, wo der Kopf %2 hat; bei Dezimalkomma die Spalten mit Strichpunkt oder Tabulator trennen</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a number; expected plain digits such as 8.512</source>
        <translation>„%1“ ist keine Zahl; erwartet einfache Ziffern wie 8.512</translation>
    </message>
    <message>
        <source>lift %1 is more than any lobe has; expected at most 30 mm</source>
        <translation>Hub %1 ist mehr, als ein Nocken hat; erwartet höchstens 30 mm</translation>
    </message>
    <message>
        <source>%1 readings; expected at least %2 for a lobe</source>
        <translation>%1 Messwerte; erwartet mindestens %2 für einen Nocken</translation>
    </message>
    <message>
        <source>lift changes by less than 0.5 mm; expected a lobe&apos;s rise and fall</source>
        <translation>der Hub ändert sich um weniger als 0,5 mm; erwartet Anstieg und Abfall eines Nockens</translation>
    </message>
    <message>
        <source>with</source>
        <translation>mit</translation>
    </message>
    <message>
        <source>Move the pointer %1 %2 rotation (or turn the wheel on the crank as far %3 rotation); </source>
        <translation>Den Zeiger %1 %2 der Drehrichtung verstellen (oder die Scheibe auf der Kurbelwelle ebenso weit %3 der Drehrichtung); </translation>
    </message>
    <message>
        <source>then prove it with a stop or an equal drop.</source>
        <translation>dann mit Anschlag oder gleichem Abfall beweisen.</translation>
    </message>
    <message>
        <source>both contacts must then read %1.</source>
        <translation>beide Berührungen müssen dann %1 zeigen.</translation>
    </message>
    <message>
        <source>the contacts must then read %1 and %2.</source>
        <translation>die Berührungen müssen dann %1 und %2 zeigen.</translation>
    </message>
    <message>
        <source>%1 crank, %2 cam</source>
        <translation>%1 Kurbelwelle, %2 Nockenwelle</translation>
    </message>
    <message>
        <source>, %1 along the bolt circle</source>
        <translation>, %1 am Lochkreis</translation>
    </message>
    <message>
        <source>the hole in use</source>
        <translation>dem benutzten Loch</translation>
    </message>
    <message>
        <source>hole %1 of %2</source>
        <translation>Loch %1 von %2</translation>
    </message>
    <message>
        <source> earlier</source>
        <translation> früher</translation>
    </message>
    <message>
        <source> later</source>
        <translation> später</translation>
    </message>
    <message>
        <source>, marked </source>
        <translation>, markiert </translation>
    </message>
    <message>
        <source>out of mesh</source>
        <translation>außer Eingriff</translation>
    </message>
    <message>
        <source>with the belt off</source>
        <translation>bei abgenommenem Riemen</translation>
    </message>
    <message>
        <source>with the chain off</source>
        <translation>bei abgenommener Kette</translation>
    </message>
    <message>
        <source>cam wheel</source>
        <translation>Nockenwellenrad</translation>
    </message>
    <message>
        <source>Crank wheel: put it on the keyway that makes the cam %1.</source>
        <translation>Kurbelwellenrad: auf die Keilnut setzen, die die Nockenwelle %1 stellt.</translation>
    </message>
    <message>
        <source>%1 off: turn the cam in it %2 to the %3.</source>
        <translation>%1 ab: die Nockenwelle darin %2 drehen, %3.</translation>
    </message>
    <message>
        <source>next keyway</source>
        <translation>zur nächsten Keilnut</translation>
    </message>
    <message>
        <source>keyway %1 on from the one in use</source>
        <translation>zur Keilnut %1 weiter als die benutzte</translation>
    </message>
    <message>
        <source>Turn the %1 %2 %3, %4; that is %5.</source>
        <translation>%1 um %2 %3 drehen, %4; das sind %5.</translation>
    </message>
    <message>
        <source>Vernier: pin out, turn the cam in the %1 %2 until %3 of the hub meets %4 of the wheel, counted %5 from the pair in use; that is %6%7.</source>
        <translation>Nonius: Stift heraus, die Nockenwelle im %1 %2 drehen, bis %3 der Nabe auf %4 des Rads trifft, %5 gezählt vom benutzten Paar; das sind %6%7.</translation>
    </message>
    <message>
        <source>%1: fit the offset bush or key worth %2 so that the cam comes %3.</source>
        <translation>%1: die Versatzbuchse oder den Keil zu %2 so einsetzen, dass die Nockenwelle %3 kommt.</translation>
    </message>
    <message>
        <source>%1 lines, </source>
        <translation>%1 Striche, </translation>
    </message>
    <message>
        <source>Slots: loosen the bolts and turn the cam in the %1 %2 by %3%4%5.</source>
        <translation>Langlöcher: Schrauben lösen und die Nockenwelle im %1 %2 um %3%4%5 drehen.</translation>
    </message>
    <message>
        <source>Leave the drive as it stands.</source>
        <translation>Den Antrieb lassen, wie er steht.</translation>
    </message>
    <message>
        <source>Turn the %1 %2 by %3; describe the drive for which tooth or hole.</source>
        <translation>%1 %2 um %3 drehen; für Zahn oder Loch den Antrieb beschreiben.</translation>
    </message>
    <message>
        <source>The crank must not follow; directions are as seen from the drive end.</source>
        <translation>Die Kurbelwelle darf nicht folgen; Richtungen von der Antriebsseite gesehen.</translation>
    </message>
    <message>
        <source> on</source>
        <translation> weiter</translation>
    </message>
    <message>
        <source> back</source>
        <translation> zurück</translation>
    </message>
    <message>
        <source>keyway %1</source>
        <translation>Keilnut %1</translation>
    </message>
    <message>
        <source>crank keyway %1</source>
        <translation>Keilnut der Kurbelwelle %1</translation>
    </message>
    <message>
        <source>hub hole %1 on wheel hole %2</source>
        <translation>Nabenloch %1 auf Radloch %2</translation>
    </message>
    <message>
        <source>bush %1</source>
        <translation>Buchse %1</translation>
    </message>
    <message>
        <source>the card&apos;s centre</source>
        <translation>die Mitte des Datenblatts</translation>
    </message>
    <message>
        <source>the card&apos;s centre and so much earlier</source>
        <translation>die Mitte des Datenblatts und so viel früher</translation>
    </message>
    <message>
        <source>an event at the card&apos;s height</source>
        <translation>ein Steuerpunkt beim Prüfhub des Datenblatts</translation>
    </message>
    <message>
        <source>a separation</source>
        <translation>eine Spreizung</translation>
    </message>
    <message>
        <source>a dynamic compression</source>
        <translation>eine dynamische Verdichtung</translation>
    </message>
    <message>
        <source>a wanted centre</source>
        <translation>eine gewünschte Mitte</translation>
    </message>
    <message>
        <source>a least clearance</source>
        <translation>ein kleinster Freigang</translation>
    </message>
    <message>
        <source>set by intake</source>
        <translation>nach Einlass</translation>
    </message>
    <message>
        <source>split the difference</source>
        <translation>Differenz teilen</translation>
    </message>
    <message>
        <source>all events</source>
        <translation>alle Steuerpunkte</translation>
    </message>
    <message>
        <source>chain</source>
        <translation>Kette</translation>
    </message>
    <message>
        <source>belt</source>
        <translation>Riemen</translation>
    </message>
    <message>
        <source>gears</source>
        <translation>Zahnräder</translation>
    </message>
    <message>
        <source>Record the lobe first: without its centre there is nothing to set.</source>
        <translation>Erst den Nocken messen: ohne seine Mitte gibt es nichts einzustellen.</translation>
    </message>
    <message>
        <source>The card does not say where this lobe should stand. Give its centre or its events, or choose another target.</source>
        <translation>Das Datenblatt sagt nicht, wo dieser Nocken stehen soll. Seine Mitte oder seine Steuerpunkte angeben, oder ein anderes Ziel wählen.</translation>
    </message>
    <message>
        <source>That is not known yet: either it was not recorded, or the target has no number.</source>
        <translation>Das ist noch nicht bekannt: nicht gemessen, oder das Ziel hat keine Zahl.</translation>
    </message>
    <message>
        <source>A dynamic compression needs the volumes, the intake&apos;s closing and the ratio wanted.</source>
        <translation>Eine dynamische Verdichtung braucht die Volumen, das Schließen des Einlasses und den gewünschten Wert.</translation>
    </message>
    <message>
        <source>No setting of this cam reaches that dynamic compression.</source>
        <translation>Keine Einstellung dieser Nockenwelle erreicht diese dynamische Verdichtung.</translation>
    </message>
    <message>
        <source>On one cam the separation is ground in: no setting changes it.</source>
        <translation>Bei einer Nockenwelle ist die Spreizung eingeschliffen: keine Einstellung ändert sie.</translation>
    </message>
    <message>
        <source>The cam was moved: measure it again, and this says what the move did and what is left.</source>
        <translation>Die Nockenwelle wurde verstellt: nochmals messen, dann steht hier, was es bewirkte und was übrig ist.</translation>
    </message>
    <message>
        <source>Settle first what was measured: these numbers cannot be a cam that stands off by that much. See Timing for what was exchanged or turned; nothing is to be moved before.</source>
        <translation>Erst klären, was gemessen wurde: diese Zahlen können keine Nockenwelle sein, die um so viel falsch steht. Steuerzeiten zeigt, was vertauscht oder verdreht war; vorher ist nichts zu verstellen.</translation>
    </message>
    <message>
        <source>Clearances are not measured yet; choose another target meanwhile.</source>
        <translation>Der Freigang ist noch nicht gemessen; solange ein anderes Ziel wählen.</translation>
    </message>
    <message>
        <source>A cam wheel has 8 to 400 teeth.</source>
        <translation>Ein Nockenwellenrad hat 8 bis 400 Zähne.</translation>
    </message>
    <message>
        <source>A cam wheel has 1 to 12 keyways or dowel holes.</source>
        <translation>Ein Nockenwellenrad hat 1 bis 12 Keilnuten oder Stiftlöcher.</translation>
    </message>
    <message>
        <source>A vernier needs both numbers of holes, 2 to 120 each.</source>
        <translation>Ein Nonius braucht beide Lochzahlen, je 2 bis 120.</translation>
    </message>
    <message>
        <source>Slots need a range, and lines narrower than it.</source>
        <translation>Langlöcher brauchen einen Bereich, und Striche enger als er.</translation>
    </message>
    <message>
        <source>Up to 12 offsets, each under 180 degrees.</source>
        <translation>Bis zu 12 Versätze, jeder unter 180 Grad.</translation>
    </message>
    <message>
        <source> It leaves the lobe centre at %1.</source>
        <translation> Die Nockenmitte liegt dann bei %1.</translation>
    </message>
    <message>
        <source> This lobe is not as long as printed: %1 %2 keeps the card&apos;s centre.</source>
        <translation> Dieser Nocken ist nicht so lang wie gedruckt: %1 %2 behält die Mitte des Datenblatts.</translation>
    </message>
    <message>
        <source> stands right</source>
        <translation> steht richtig</translation>
    </message>
    <message>
        <source>%1 must come %2</source>
        <translation>%1 muss %2 kommen</translation>
    </message>
    <message>
        <source>intake %1, exhaust %2</source>
        <translation>Einlass %1, Auslass %2</translation>
    </message>
    <message>
        <source>%1, known to %2: leave it.</source>
        <translation>%1, bekannt auf %2: lassen.</translation>
    </message>
    <message>
        <source>Both cams stand right</source>
        <translation>Beide Wellen stehen richtig</translation>
    </message>
    <message>
        <source>: less than it is known by (%1), so leave it.</source>
        <translation>: weniger, als es bekannt ist (%1), also lassen.</translation>
    </message>
    <message>
        <source> for %1, known to %2.</source>
        <translation> für %1, bekannt auf %2.</translation>
    </message>
    <message>
        <source>leaves nothing</source>
        <translation>lässt nichts übrig</translation>
    </message>
    <message>
        <source>leaves </source>
        <translation>lässt </translation>
    </message>
    <message>
        <source>, not worth chasing</source>
        <translation>, der Mühe nicht wert</translation>
    </message>
    <message>
        <source>one tooth</source>
        <translation>ein Zahn</translation>
    </message>
    <message>
        <source>%1 keyway%2</source>
        <translation>%1 Keilnut%2</translation>
    </message>
    <message>
        <source>the %1 crank keyway</source>
        <translation>die Keilnut %1 der Kurbelwelle</translation>
    </message>
    <message>
        <source>%1 of the vernier</source>
        <translation>%1 am Nonius</translation>
    </message>
    <message>
        <source>the %1 bush</source>
        <translation>die Buchse %1</translation>
    </message>
    <message>
        <source> %1: on this drive that is %2.</source>
        <translation> %1: an diesem Antrieb ist das %2.</translation>
    </message>
    <message>
        <source>, cylinder %1: </source>
        <translation>, Zylinder %1: </translation>
    </message>
    <message>
        <source>measure it again; it was to come %1.</source>
        <translation>nachmessen; sie sollte %1 kommen.</translation>
    </message>
    <message>
        <source> Both events moved alike, within %1: that is how well you measure.</source>
        <translation> Beide Steuerpunkte wanderten gleich, innerhalb %1: so gut wird gemessen.</translation>
    </message>
    <message>
        <source> But its events did not move alike, by %1, and no setting changes a duration: measure again before you believe it.</source>
        <translation> Aber ihre Steuerpunkte wanderten nicht gleich, um %1, und keine Einstellung ändert eine Öffnungsdauer: nachmessen, ehe man es glaubt.</translation>
    </message>
    <message>
        <source>it came %1, as it was meant to.</source>
        <translation>sie kam %1, wie gemeint.</translation>
    </message>
    <message>
        <source>it has not moved, and was to come %1. Was the change made tight, and is this the run taken after it?</source>
        <translation>sie hat sich nicht bewegt und sollte %1 kommen. Wurde die Änderung festgezogen, und ist dies die Messreihe danach?</translation>
    </message>
    <message>
        <source>it went the wrong way, %1 instead of %2. Go back, and as far again the other way.</source>
        <translation>sie ging den falschen Weg, %1 statt %2. Zurück, und ebenso weit auf die andere Seite.</translation>
    </message>
    <message>
        <source>it came %1, half of the %2 it was meant to: cam degrees taken for crank degrees? Move it as far again.</source>
        <translation>sie kam %1, die Hälfte der gemeinten %2: Grad Nockenwelle für Grad Kurbelwelle genommen? Nochmals ebenso weit verstellen.</translation>
    </message>
    <message>
        <source>it came %1, twice the %2 it was meant to: crank degrees turned at the cam wheel? It turns half of what the crank does. Go half of it back.</source>
        <translation>sie kam %1, das Doppelte der gemeinten %2: Grad Kurbelwelle am Nockenwellenrad gedreht? Es dreht halb so viel wie die Kurbelwelle. Die Hälfte zurück.</translation>
    </message>
    <message>
        <source>it went %1, the wrong way and by half: it was to come %2. Cam degrees were taken for crank degrees as well.</source>
        <translation>sie ging %1, den falschen Weg und die Hälfte: gemeint war %2. Dazu wurden Grad Nockenwelle für Kurbelwelle genommen.</translation>
    </message>
    <message>
        <source>it went %1, the wrong way and twice as far: it was to come %2. Crank degrees were turned at the cam wheel as well.</source>
        <translation>sie ging %1, den falschen Weg und doppelt so weit: gemeint war %2. Dazu wurden Grad Kurbelwelle am Nockenwellenrad gedreht.</translation>
    </message>
    <message>
        <source>it came %1 and was to come %2. Set it on from where it stands now.</source>
        <translation>sie kam %1 und sollte %2 kommen. Von dort weiterstellen, wo sie jetzt steht.</translation>
    </message>
    <message>
        <source>Earlier usually pulls better from low speed, as the intake closes sooner and more is trapped. It raises the dynamic compression and brings the intake valve nearer the piston.</source>
        <translation>Früher zieht unten meist besser, da der Einlass eher schließt und mehr eingeschlossen wird. Es hebt die dynamische Verdichtung und bringt das Einlassventil näher an den Kolben.</translation>
    </message>
    <message>
        <source>Later usually gives low speed away for high, as the intake closes later and less is trapped. It brings the exhaust valve nearer the piston.</source>
        <translation>Später gibt unten meist etwas her für oben, da der Einlass später schließt und weniger eingeschlossen wird. Es bringt das Auslassventil näher an den Kolben.</translation>
    </message>
    <message>
        <source>The exhaust earlier opens sooner, which gives away some of the stroke, and leaves less overlap. Its valve stays farther from the piston as it shuts.</source>
        <translation>Der Auslass früher öffnet eher, das kostet etwas vom Arbeitshub und lässt weniger Überschneidung. Sein Ventil bleibt beim Schließen weiter vom Kolben.</translation>
    </message>
    <message>
        <source>The exhaust later opens later, which keeps more of the stroke, and gives more overlap. It brings the exhaust valve nearer the piston.</source>
        <translation>Der Auslass später öffnet später, das behält mehr vom Arbeitshub und gibt mehr Überschneidung. Es bringt das Auslassventil näher an den Kolben.</translation>
    </message>
    <message>
        <source>Narrower gives more overlap, which usually sharpens the middle and roughens the idle. Both valves come nearer the piston.</source>
        <translation>Enger gibt mehr Überschneidung, was meist die Mitte schärft und den Leerlauf rauer macht. Beide Ventile kommen dem Kolben näher.</translation>
    </message>
    <message>
        <source>Wider gives less overlap, which usually calms the idle and broadens the pull. Both valves stay farther from the piston.</source>
        <translation>Weiter gibt weniger Überschneidung, was meist den Leerlauf beruhigt und den Zug verbreitert. Beide Ventile bleiben weiter vom Kolben.</translation>
    </message>
    <message>
        <source>Cams loose: valves can meet pistons and each other. Turn by hand, stop at resistance, mark first; fasteners to the maker&apos;s figures.</source>
        <translation>Nockenwellen lose: Ventile können Kolben und einander treffen. Von Hand drehen, bei Widerstand halten, vorher markieren; Schrauben nach Herstellerangabe.</translation>
    </message>
    <message>
        <source>Bring cylinder 1 to true TDC by the proved pointer, the cam loose.</source>
        <translation>Zylinder 1 mit bewiesenem Zeiger auf den wahren OT bringen, die Nockenwelle lose.</translation>
    </message>
    <message>
        <source>By the card they are level %1 %2, not at TDC: turn the crank there, and level them again.</source>
        <translation>Nach dem Datenblatt stehen sie bei %1 %2 gleich, nicht im OT: die Kurbelwelle dorthin drehen und sie wieder gleichstellen.</translation>
    </message>
    <message>
        <source>By the card they are level at TDC itself.</source>
        <translation>Nach dem Datenblatt stehen sie im OT selbst gleich.</translation>
    </message>
    <message>
        <source>Without a card with events, level at TDC is the best guess; an asymmetric cam is off by half its asymmetry.</source>
        <translation>Ohne Datenblatt mit Steuerpunkten ist gleich hoch im OT die beste Annahme; eine unsymmetrische Nockenwelle steht um die Hälfte ihrer Unsymmetrie falsch.</translation>
    </message>
    <message>
        <source>Put the drive on at the nearest tooth: no more than half a tooth, %1 of the crank, can be left.</source>
        <translation>Den Antrieb auf dem nächsten Zahn auflegen: höchstens ein halber Zahn, %1 der Kurbelwelle, kann bleiben.</translation>
    </message>
    <message>
        <source>Put the drive on at the nearest tooth.</source>
        <translation>Den Antrieb auf dem nächsten Zahn auflegen.</translation>
    </message>
    <message>
        <source>Turn two full turns by hand, then read where the followers are level and type it: 2.5 for after TDC, -2.5 for before.</source>
        <translation>Zwei volle Umdrehungen von Hand, dann lesen, wo die Stößel gleich stehen, und eingeben: 2.5 für nach OT, -2.5 für davor.</translation>
    </message>
    <message>
        <source>The cam stands %1 %2</source>
        <translation>Die Nockenwelle steht %1 %2</translation>
    </message>
    <message>
        <source>; say how many teeth the cam wheel has.</source>
        <translation>; angeben, wie viele Zähne das Nockenwellenrad hat.</translation>
    </message>
    <message>
        <source>, less than half a tooth (%1): it is on the right tooth. Record the lobes for the rest.</source>
        <translation>, weniger als ein halber Zahn (%1): sie ist auf dem richtigen Zahn. Für den Rest die Nocken messen.</translation>
    </message>
    <message>
        <source>, more than half a tooth: move the cam wheel %1 %2; %3 is left.</source>
        <translation>, mehr als ein halber Zahn: das Nockenwellenrad um %1 %2 setzen; %3 bleibt.</translation>
    </message>
    <message>
        <source>True TDC: a contact each side of the top</source>
        <translation>Wahrer OT: eine Berührung auf jeder Seite</translation>
    </message>
    <message>
        <source>True TDC: a second pass</source>
        <translation>Wahrer OT: ein zweiter Durchgang</translation>
    </message>
    <message>
        <source>Overlap or firing?</source>
        <translation>Überschneidung oder Zündung?</translation>
    </message>
    <message>
        <source>TDC moved: shift the readings, or keep them</source>
        <translation>OT gewandert: Messwerte verschieben oder behalten</translation>
    </message>
    <message>
        <source>: the whole lobe</source>
        <translation>: der ganze Nocken</translation>
    </message>
    <message>
        <source>: about 1 more reading</source>
        <translation>: noch etwa 1 Messwert</translation>
    </message>
    <message>
        <source>: the rest of it</source>
        <translation>: der Rest</translation>
    </message>
    <message>
        <source>: measure again</source>
        <translation>: nachmessen</translation>
    </message>
    <message>
        <source>One TDC contact once more</source>
        <translation>Eine OT-Berührung nochmals</translation>
    </message>
    <message>
        <source>%1: read %2 again</source>
        <translation>%1: %2 nochmals messen</translation>
    </message>
    <message>
        <source>every angle hangs on it</source>
        <translation>jeder Winkel hängt daran</translation>
    </message>
    <message>
        <source>set is not proved</source>
        <translation>gestellt ist nicht bewiesen</translation>
    </message>
    <message>
        <source>look at the valves of cylinder 1</source>
        <translation>die Ventile von Zylinder 1 ansehen</translation>
    </message>
    <message>
        <source>runs were recorded before it was found off</source>
        <translation>Messreihen entstanden, ehe er falsch gefunden wurde</translation>
    </message>
    <message>
        <source>against cylinder 1 it shows a twisted cam</source>
        <translation>gegen Zylinder 1 zeigt er eine verdrehte Nockenwelle</translation>
    </message>
    <message>
        <source>begun and not through</source>
        <translation>begonnen und nicht fertig</translation>
    </message>
    <message>
        <source>the cam was moved since</source>
        <translation>die Nockenwelle wurde seither verstellt</translation>
    </message>
    <message>
        <source>a pointer knocked in between shows only there</source>
        <translation>ein inzwischen verstoßener Zeiger zeigt sich nur dort</translation>
    </message>
    <message>
        <source>it does not fit its neighbours</source>
        <translation>er passt nicht zu seinen Nachbarn</translation>
    </message>
    <message>
        <source>You said the wheel&apos;s zero is overlap, but the lobes stand 360° from there: it is firing TDC. Type T to put that right.</source>
        <translation>Gesagt war, null der Scheibe sei Überschneidung, aber die Nocken stehen 360° davon: es ist der Zünd-OT. T stellt es richtig.</translation>
    </message>
    <message>
        <source>You said the wheel&apos;s zero is firing TDC, but the lobes are recorded as from overlap. If the crank was turned once since, type T to say overlap.</source>
        <translation>Gesagt war, null der Scheibe sei der Zünd-OT, aber die Nocken sind wie von der Überschneidung gemessen. Wurde die Kurbelwelle seither einmal gedreht, sagt T Überschneidung.</translation>
    </message>
    <message>
        <source>The stop meets the piston only %1 from the top, where the piston hardly moves and rocks in its bore. Screw the stop deeper and take both contacts again.</source>
        <translation>Der Anschlag trifft den Kolben nur %1 vom OT, wo der Kolben sich kaum bewegt und in der Bohrung kippt. Den Anschlag tiefer schrauben und beide Berührungen nochmals messen.</translation>
    </message>
    <message>
        <source>Two methods lie %1 apart, more than they are known by (%2): a piston that rocks under the stop or the indicator, or a stop that gave way. Take the first once more.</source>
        <translation>Zwei Verfahren liegen %1 auseinander, mehr, als sie bekannt sind (%2): ein Kolben, der unter Anschlag oder Messuhr kippt, oder ein Anschlag, der nachgab. Das erste nochmals messen.</translation>
    </message>
    <message>
        <source>Contacts %1 either side of the top are hardly meant. On a gauge that counts the other way (up both ways from zero, or on through 180) they are %2 either side, and the pointer off by %3: type G if it is the one fitted, and choose its scale for what follows.</source>
        <translation>Berührungen %1 beiderseits des OT sind kaum gemeint. Auf einer Anzeige, die andersherum zählt (von null nach beiden Seiten, oder über 180 weiter), sind es %2 beiderseits, und der Zeiger um %3 falsch: G eingeben, wenn es diese ist, und für das Weitere ihre Teilung wählen.</translation>
    </message>
    <message>
        <source>TDC was found %1° off after %2 recorded. Type S to shift those readings by %1°, or K to keep them as they are, marked.</source>
        <translation>OT wurde um %1° falsch gefunden, nachdem %2. S verschiebt jene Messwerte um %1°, K behält sie, wie sie sind, markiert.</translation>
    </message>
    <message>
        <source>a run was</source>
        <translation>eine Reihe gemessen war</translation>
    </message>
    <message>
        <source>The contacts lie %1 either side of the top, which is hardly a stop or a drop near TDC. Read both again.</source>
        <translation>Die Berührungen liegen %1 beiderseits des OT, das ist kaum ein Anschlag oder ein Abfall nahe dem OT. Beide nochmals messen.</translation>
    </message>
    <message>
        <source>The contacts lie %1 either side of the top, but stroke, rod and drop expect %2. The drop, the stop or a reading is not what it seems: check, and read both again.</source>
        <translation>Die Berührungen liegen %1 beiderseits des OT, aber Kolbenhub, Pleuel und Abfall lassen %2 erwarten. Abfall, Anschlag oder eine Ablesung ist nicht, was sie scheint: prüfen und beide nochmals messen.</translation>
    </message>
    <message>
        <source>At the top the piston hardly moves: the indicator reads the same for %1 either side of TDC. This is a first approximation; prove it with a stop or an equal drop.</source>
        <translation>Im OT bewegt sich der Kolben kaum: die Messuhr zeigt %1 beiderseits des OT dasselbe. Das ist eine erste Näherung; mit Anschlag oder gleichem Abfall beweisen.</translation>
    </message>
    <message>
        <source>The pin offset puts the middle of the contacts %1 %2 the true top at this drop; that is taken off.</source>
        <translation>Der Bolzenversatz legt die Mitte der Berührungen bei diesem Abfall %1 %2 den wahren OT; das wird abgezogen.</translation>
    </message>
    <message>
        <source>Half the port&apos;s duration is %1: with the wheel set right, both closing edges read that.</source>
        <translation>Die halbe Öffnungsdauer des Schlitzes ist %1: steht die Scheibe richtig, zeigen beide Schließkanten das.</translation>
    </message>
    <message>
        <source>The contact after the top was typed first; the two are taken the right way round, %1 either side.</source>
        <translation>Die Berührung nach dem OT wurde zuerst eingegeben; beide gelten richtig herum, %1 beiderseits.</translation>
    </message>
    <message>
        <source>True TDC stands at %1° on the wheel: move the pointer by %2, then take both contacts again.</source>
        <translation>Der wahre OT steht auf der Scheibe bei %1°: den Zeiger um %2 verstellen, dann beide Berührungen nochmals messen.</translation>
    </message>
    <message>
        <source>TDC is set, the contacts differ by %1. Take both once more: a second pass that agrees proves it.</source>
        <translation>OT ist gestellt, die Berührungen weichen um %1 ab. Beide noch einmal messen: ein zweiter Durchgang, der stimmt, beweist ihn.</translation>
    </message>
    <message>
        <source>Lift is recorded, but true TDC was never taken here. Every angle hangs on it: find TDC, then believe the timing.</source>
        <translation>Hub ist gemessen, aber der wahre OT wurde hier nie bestimmt. Jeder Winkel hängt daran: erst OT finden, dann den Steuerzeiten glauben.</translation>
    </message>
    <message>
        <source>lower</source>
        <comment>names in a sentence</comment>
        <extracomment>Translate &quot;lower&quot; as &quot;as it is&quot; where names keep their capitals inside a sentence.</extracomment>
        <translation>as it is</translation>
    </message>
    <message>
        <source>%1 cam wheel</source>
        <translation>%1-Nockenwellenrad</translation>
    </message>
    <message numerus="yes">
        <source> (%n more cards at hand, Ctrl+Shift+K fits the next)</source>
        <translation>
            <numerusform> (%n weiteres Datenblatt liegt bereit, Strg+Umschalt+K nimmt das nächste)</numerusform>
            <numerusform> (%n weitere Datenblätter liegen bereit, Strg+Umschalt+K nimmt das nächste)</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n lobes recorded</source>
        <translation>
            <numerusform>%n Nocken gemessen</numerusform>
            <numerusform>%n Nocken gemessen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source> That is %n teeth of this drive (one is %1).</source>
        <translation>
            <numerusform> Das ist %n Zahn dieses Antriebs (einer ist %1).</numerusform>
            <numerusform> Das sind %n Zähne dieses Antriebs (einer ist %1).</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n readings</source>
        <translation>
            <numerusform>%n Messwert</numerusform>
            <numerusform>%n Messwerte</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: %n readings were taken while backing up and are left out: they carry the drive&apos;s slack. Come up to those marks again the way the engine runs.</source>
        <translation>
            <numerusform>%1: %n Messwert wurde rückwärts gemessen und zählt nicht: er trägt das Spiel des Antriebs. In Laufrichtung wieder an diese Marke heran.</numerusform>
            <numerusform>%1: %n Messwerte wurden rückwärts gemessen und zählen nicht: sie tragen das Spiel des Antriebs. In Laufrichtung wieder an diese Marken heran.</numerusform>
        </translation>
    </message>
    <message>
        <source>1 tooth</source>
        <translation>1 Zahn</translation>
    </message>
    <message numerus="yes">
        <source>%n teeth</source>
        <translation>
            <numerusform>%n Zahn</numerusform>
            <numerusform>%n Zähne</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: about %n more readings</source>
        <translation>
            <numerusform>%1: noch etwa %n Messwert</numerusform>
            <numerusform>%1: noch etwa %n Messwerte</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n runs were</source>
        <translation>
            <numerusform>%n Reihe gemessen war</numerusform>
            <numerusform>%n Reihen gemessen waren</numerusform>
        </translation>
    </message>
    <message>
        <source>Volumes (Up, Down)</source>
        <translation>Volumen (Auf, Ab)</translation>
    </message>
    <message>
        <source>Dynamic</source>
        <translation>Dynamisch</translation>
    </message>
    <message>
        <source>Valve gear</source>
        <translation>Ventiltrieb</translation>
    </message>
    <message>
        <source>Indicator</source>
        <translation>Messuhr</translation>
    </message>
    <message>
        <source>Events only</source>
        <translation>Nur Steuerpunkte</translation>
    </message>
    <message>
        <source>Another cylinder</source>
        <translation>Anderer Zylinder</translation>
    </message>
    <message>
        <source>Drive (Up, Down)</source>
        <translation>Antrieb (Auf, Ab)</translation>
    </message>
    <message>
        <source>Target</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>Skimmed head, overhead cam</source>
        <translation>Geplanter Kopf, obenliegende Welle</translation>
    </message>
    <message>
        <source>card</source>
        <translation>Datenblatt</translation>
    </message>
    <message>
        <source>settings</source>
        <translation>Vorgaben</translation>
    </message>
    <message>
        <source>that is no file that could be replaced; nothing was written</source>
        <translation>das ist keine Datei, die ersetzt werden könnte; nichts wurde geschrieben</translation>
    </message>
    <message>
        <source>that is the book that is open; nothing was written</source>
        <translation>das ist das offene Buch; nichts wurde geschrieben</translation>
    </message>
    <message>
        <source>a book or another database stands there; nothing was written</source>
        <translation>dort steht ein Buch oder eine andere Datenbank; nichts wurde geschrieben</translation>
    </message>
    <message>
        <source>no answer</source>
        <translation>keine Antwort</translation>
    </message>
    <message>
        <source>it was opened to be looked at</source>
        <translation>es wurde nur zum Ansehen geöffnet</translation>
    </message>
    <message>
        <source>the file or its folder cannot be written</source>
        <translation>die Datei oder ihr Ordner sind nicht beschreibbar</translation>
    </message>
    <message>
        <source>press</source>
        <translation>Druckmessung</translation>
    </message>
    <message>
        <source>new %1 clearance map</source>
        <translation>neue %1-Freigangskarte</translation>
    </message>
    <message>
        <source>mock-up of the %1 map</source>
        <translation>Messaufbau der %1-Messreihe</translation>
    </message>
    <message>
        <source>mock-up</source>
        <translation>Messaufbau</translation>
    </message>
    <message>
        <source>limits</source>
        <translation>Grenzen</translation>
    </message>
    <message>
        <source>new map</source>
        <translation>neue Messreihe</translation>
    </message>
    <message>
        <source>Least clearance of every cam at hand</source>
        <translation>Kleinster Freigang jeder vorhandenen Nockenwelle</translation>
    </message>
    <message>
        <source>Presses of this map</source>
        <translation>Messungen dieser Messreihe</translation>
    </message>
    <message>
        <source>Mock-up, limits and phaser</source>
        <translation>Messaufbau, Grenzen und Versteller</translation>
    </message>
    <message>
        <source>clearance, cyl %1 %2</source>
        <translation>Freigang, Zyl. %1 %2</translation>
    </message>
    <message>
        <source>why strike it?</source>
        <translation>warum streichen?</translation>
    </message>
    <message>
        <source>clay at its thinnest?</source>
        <translation>Knetmasse, dünnste Stelle?</translation>
    </message>
    <message>
        <source>keep it</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>all pressed: what next?</source>
        <translation>alles gemessen: was nun?</translation>
    </message>
    <message>
        <source>go to the %1 valve</source>
        <translation>weiter zum %1ventil</translation>
    </message>
    <message>
        <source>clearance at %1?</source>
        <translation>Freigang bei %1?</translation>
    </message>
    <message>
        <source>Back strike  12a go there  C mock-up  L limits  X new map  N next</source>
        <translation>Rück streichen  12a dorthin  C Messaufbau  L Grenzen  X neue Reihe  N weiter</translation>
    </message>
    <message>
        <source>There is no such correction on this map.</source>
        <translation>Diese Messreihe hat keine solche Korrektur.</translation>
    </message>
    <message>
        <source>leaves that correction out</source>
        <translation>lässt diese Korrektur weg</translation>
    </message>
    <message>
        <source>takes that correction in</source>
        <translation>nimmt diese Korrektur dazu</translation>
    </message>
    <message>
        <source>Valve and piston are near each other within 60° of TDC on overlap.</source>
        <translation>Ventil und Kolben sind sich innerhalb von 60° um den Überschneidungs-OT nahe.</translation>
    </message>
    <message>
        <source>A clearance, or an angle such as 12a.</source>
        <translation>Ein Freigang oder ein Winkel wie 12a.</translation>
    </message>
    <message>
        <source>A clearance is not negative. Is the dial&apos;s zero right?</source>
        <translation>Ein Freigang ist nicht negativ. Stimmt die Null der Messuhr?</translation>
    </message>
    <message>
        <source>%1 is more than the valve can go: %2. Check the figure, or say otherwise in the mock-up.</source>
        <translation>%1 ist mehr, als das Ventil gehen kann: %2. Prüfe die Zahl oder ändere den Messaufbau.</translation>
    </message>
    <message>
        <source>the mock-up this map belongs to</source>
        <translation>der Messaufbau dieser Messreihe</translation>
    </message>
    <message>
        <source>limits, crown and phaser</source>
        <translation>Grenzen, Kolbenboden und Versteller</translation>
    </message>
    <message>
        <source>a new map of this valve</source>
        <translation>eine neue Messreihe dieses Ventils</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>weggelassen</translation>
    </message>
    <message>
        <source>in place</source>
        <translation>eingelegt</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>as it was</source>
        <translation>wie zuvor</translation>
    </message>
    <message>
        <source>changed since</source>
        <translation>seither geändert</translation>
    </message>
    <message>
        <source>own</source>
        <translation>eigene</translation>
    </message>
    <message>
        <source>road</source>
        <translation>Straße</translation>
    </message>
    <message>
        <source>cautious</source>
        <translation>vorsichtig</translation>
    </message>
    <message>
        <source>race</source>
        <translation>Rennen</translation>
    </message>
    <message>
        <source>small twin-cam</source>
        <translation>kleiner Zweinocker</translation>
    </message>
    <message>
        <source>with what it is counted in: 25 crank, or 12.5 cam; 0 for none</source>
        <translation>mit dem, worin er zählt: 25 crank oder 12.5 cam; 0 für keinen</translation>
    </message>
    <message>
        <source>Crank or cam degrees? Say which: 25 crank, or 12.5 cam.</source>
        <translation>Grad Kurbel- oder Nockenwelle? Dazuschreiben: 25 crank oder 12.5 cam.</translation>
    </message>
    <message>
        <source>No phaser travels more than 90 crank degrees.</source>
        <translation>Kein Versteller hat mehr als 90 Grad Kurbelwinkel Weg.</translation>
    </message>
    <message>
        <source>A whole number from %1 to %2.</source>
        <translation>Eine ganze Zahl von %1 bis %2.</translation>
    </message>
    <message>
        <source>Way of measuring</source>
        <translation>Messverfahren</translation>
    </message>
    <message>
        <source>map, one angle, tightest point or clay?</source>
        <translation>Messreihe, ein Winkel, engste Stelle oder Knetmasse?</translation>
    </message>
    <message>
        <source>Head gasket</source>
        <translation>Zylinderkopfdichtung</translation>
    </message>
    <message>
        <source>head gasket in place or left out? Out, it is added</source>
        <translation>Kopfdichtung eingelegt oder weggelassen? Weggelassen wird sie zugerechnet</translation>
    </message>
    <message>
        <source>Spring</source>
        <translation>Feder</translation>
    </message>
    <message>
        <source>checking or running spring? A stiff one hides the touch</source>
        <translation>Prüf- oder Betriebsfeder? Eine steife verbirgt die Berührung</translation>
    </message>
    <message>
        <source>Lash while measuring</source>
        <translation>Ventilspiel beim Messen</translation>
    </message>
    <message>
        <source>lash: none, or as run? None reads too little</source>
        <translation>Ventilspiel: keines oder wie im Lauf? Ohne zeigt es zu wenig</translation>
    </message>
    <message>
        <source>which follower? A live one gives way: press its slack out first</source>
        <translation>welcher Stößel? Ein hydraulischer gibt nach: erst durchdrücken</translation>
    </message>
    <message>
        <source>Pressed at</source>
        <translation>Gedrückt am</translation>
    </message>
    <message>
        <source>pressed at the rocker or the retainer? The retainer presses askew</source>
        <translation>am Kipphebel oder am Federteller gedrückt? Der Teller drückt schräg</translation>
    </message>
    <message>
        <source>Valve angle</source>
        <translation>Ventilwinkel</translation>
    </message>
    <message>
        <source>degrees to the bore; - if not known</source>
        <translation>Grad zur Bohrung; - wenn unbekannt</translation>
    </message>
    <message>
        <source>valve angle to the bore? Not known, it is fitted</source>
        <translation>Ventilwinkel zur Bohrung? Unbekannt wird er angepasst</translation>
    </message>
    <message>
        <source>Fasteners of the head</source>
        <translation>Kopfschrauben</translation>
    </message>
    <message>
        <source>how many hold it</source>
        <translation>wie viele ihn halten</translation>
    </message>
    <message>
        <source>head held by how many? A loose one reads large</source>
        <translation>Kopf von wie vielen gehalten? Ein loser zeigt zu viel</translation>
    </message>
    <message>
        <source>Torqued</source>
        <translation>Angezogen</translation>
    </message>
    <message>
        <source>Gasket as tightened</source>
        <translation>Dichtung, gepresst</translation>
    </message>
    <message>
        <source>Lift under the checking spring</source>
        <translation>Hub mit Prüffeder</translation>
    </message>
    <message>
        <source>at the tight angle; - for none</source>
        <translation>am engen Winkel; - für keinen</translation>
    </message>
    <message>
        <source>Lift under the running spring</source>
        <translation>Hub mit Betriebsfeder</translation>
    </message>
    <message>
        <source>at the same angle; - for none</source>
        <translation>am selben Winkel; - für keinen</translation>
    </message>
    <message>
        <source>Slack of the follower</source>
        <translation>Spiel im Stößel</translation>
    </message>
    <message>
        <source>degrees from the valve</source>
        <translation>Grad gegen das Ventil</translation>
    </message>
    <message>
        <source>Spacer</source>
        <translation>Zwischenlage</translation>
    </message>
    <message>
        <source>Rings on the piston</source>
        <translation>Ringe auf dem Kolben</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>degrees from press to press</source>
        <translation>Grad von Messung zu Messung</translation>
    </message>
    <message>
        <source>Within</source>
        <translation>Auf</translation>
    </message>
    <message>
        <source>Dial runs backward</source>
        <translation>Messuhr läuft rückwärts</translation>
    </message>
    <message>
        <source>Clay at the valve&apos;s edge</source>
        <translation>Knetmasse am Ventilrand</translation>
    </message>
    <message>
        <source>thickness; - for none</source>
        <translation>Dicke; - für keine</translation>
    </message>
    <message>
        <source>Head, valve and seat</source>
        <translation>Kopf, Ventil und Sitz</translation>
    </message>
    <message>
        <source>Limits by school</source>
        <translation>Grenzen nach Schule</translation>
    </message>
    <message>
        <source>Limits</source>
        <translation>Grenzen</translation>
    </message>
    <message>
        <source>Intake at least</source>
        <translation>Einlass mindestens</translation>
    </message>
    <message>
        <source>Exhaust at least</source>
        <translation>Auslass mindestens</translation>
    </message>
    <message>
        <source>Why the intake may be under it</source>
        <translation>Warum der Einlass darunter darf</translation>
    </message>
    <message>
        <source>Why the exhaust may be under it</source>
        <translation>Warum der Auslass darunter darf</translation>
    </message>
    <message>
        <source>Edge at least, by clay</source>
        <translation>Rand mindestens, mit Knetmasse</translation>
    </message>
    <message>
        <source>Crown above the notch</source>
        <translation>Boden unter der Tasche</translation>
    </message>
    <message>
        <source>Crown its maker wants</source>
        <translation>Boden nach Hersteller</translation>
    </message>
    <message>
        <source>Phaser&apos;s travel</source>
        <translation>Weg des Verstellers</translation>
    </message>
    <message>
        <source>Limiter leaves</source>
        <translation>Begrenzer lässt</translation>
    </message>
    <message>
        <source>Every press fits the gap.</source>
        <translation>Jede Messung passt zum Spalt.</translation>
    </message>
    <message>
        <source>last  %1  %2%3</source>
        <translation>zuletzt  %1  %2%3</translation>
    </message>
    <message>
        <source>Corrected by: </source>
        <translation>Korrigiert um: </translation>
    </message>
    <message>
        <source>Here one degree of advance %1 %2; greatest lift, %3, hardly matters, lift at TDC, %4, does.</source>
        <translation>Hier %1 ein Grad früher %2; der größte Hub, %3, zählt kaum, der Hub im OT, %4, schon.</translation>
    </message>
    <message>
        <source>costs</source>
        <translation>kostet</translation>
    </message>
    <message>
        <source>gives</source>
        <translation>bringt</translation>
    </message>
    <message>
        <source>Record this lobe&apos;s lift at Lobes: then every other cam and phase is foretold from these presses.</source>
        <translation>Nimm den Hub dieses Nockens bei Nocken auf: dann sagen diese Messungen jede andere Welle und Stellung voraus.</translation>
    </message>
    <message>
        <source>any cam</source>
        <translation>jede Welle</translation>
    </message>
    <message>
        <source>least</source>
        <translation>kleinster</translation>
    </message>
    <message>
        <source>keeps the limit</source>
        <translation>hält die Grenze</translation>
    </message>
    <message>
        <source>up to %1</source>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>ab %1</translation>
    </message>
    <message>
        <source>everywhere</source>
        <translation>überall</translation>
    </message>
    <message>
        <source>nowhere</source>
        <translation>nirgends</translation>
    </message>
    <message>
        <source>fitted</source>
        <translation>eingebaut</translation>
    </message>
    <message>
        <source>%1, modelled</source>
        <translation>%1, modelliert</translation>
    </message>
    <message>
        <source>as cylinder %1</source>
        <translation>wie Zylinder %1</translation>
    </message>
    <message>
        <source>Each alone would do: </source>
        <translation>Jedes allein würde reichen: </translation>
    </message>
    <message>
        <source>Under the limit is accepted: </source>
        <translation>Unter der Grenze angenommen: </translation>
    </message>
    <message>
        <source>Edge clearance by clay %1, under your %2.</source>
        <translation>Randfreigang mit Knetmasse %1, unter deinen %2.</translation>
    </message>
    <message>
        <source>Edge clearance by clay %1, over your %2.</source>
        <translation>Randfreigang mit Knetmasse %1, über deinen %2.</translation>
    </message>
    <message>
        <source>Piston to head (squish) %1.</source>
        <translation>Kolben zum Kopf (Quetschspalt) %1.</translation>
    </message>
    <message>
        <source>clay</source>
        <translation>Knetmasse</translation>
    </message>
    <message>
        <source>thinnest</source>
        <translation>dünnste</translation>
    </message>
    <message>
        <source>map</source>
        <translation>Messreihe</translation>
    </message>
    <message>
        <source>turn to, zero, press</source>
        <translation>drehen auf, nullen, drücken</translation>
    </message>
    <message>
        <source>Clearance of valve and piston against crank angle</source>
        <translation>Freigang von Ventil und Kolben über dem Kurbelwinkel</translation>
    </message>
    <message>
        <source>clearance, in, against crank degrees from TDC on overlap</source>
        <translation>Freigang, in, über Grad Kurbelwinkel ab Überschneidungs-OT</translation>
    </message>
    <message>
        <source>clearance, mm, against crank degrees from TDC on overlap</source>
        <translation>Freigang, mm, über Grad Kurbelwinkel ab Überschneidungs-OT</translation>
    </message>
    <message>
        <source>limit %1</source>
        <translation>Grenze %1</translation>
    </message>
    <message>
        <source>in </source>
        <comment>valve</comment>
        <translation>Ein </translation>
    </message>
    <message>
        <source>ex </source>
        <comment>valve</comment>
        <translation>Aus </translation>
    </message>
    <message>
        <source>, too near</source>
        <translation>, zu nah</translation>
    </message>
    <message>
        <source>nothing pressed yet</source>
        <translation>noch nichts gemessen</translation>
    </message>
    <message>
        <source>12a 1.92  at Clearance</source>
        <translation>12a 1.92  bei Freigang</translation>
    </message>
    <message>
        <source>a press at an angle</source>
        <translation>eine Druckmessung bei einem Winkel</translation>
    </message>
    <message>
        <source>gasket, lash, spacer …</source>
        <translation>dichtung, spiel, zwischenlage …</translation>
    </message>
    <message>
        <source>leaves a correction of the mock-up out, or takes it in</source>
        <translation>lässt eine Korrektur des Messaufbaus weg oder nimmt sie dazu</translation>
    </message>
    <message>
        <source>Clearance</source>
        <translation>Freigang</translation>
    </message>
    <message>
        <source>one angle</source>
        <translation>ein Winkel</translation>
    </message>
    <message>
        <source>tightest point</source>
        <translation>engste Stelle</translation>
    </message>
    <message>
        <source>rocker</source>
        <translation>Kipphebel</translation>
    </message>
    <message>
        <source>retainer</source>
        <translation>Federteller</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keines</translation>
    </message>
    <message>
        <source>as run</source>
        <translation>wie im Lauf</translation>
    </message>
    <message>
        <source>gasket left out</source>
        <translation>Dichtung weggelassen</translation>
    </message>
    <message>
        <source>lift lost to the running spring</source>
        <translation>Hubverlust an der Betriebsfeder</translation>
    </message>
    <message>
        <source>slack of the follower</source>
        <translation>Spiel im Stößel</translation>
    </message>
    <message>
        <source>spacer</source>
        <translation>Zwischenlage</translation>
    </message>
    <message>
        <source>pressed askew</source>
        <translation>schräg gedrückt</translation>
    </message>
    <message>
        <source>Nothing is pressed at the %1 valve yet.</source>
        <translation>Am %1ventil ist noch nichts gemessen.</translation>
    </message>
    <message>
        <source>Head, valve or seat were changed since: begin a new map.</source>
        <translation>Kopf, Ventil oder Sitz wurden seither geändert: eine neue Messreihe beginnen.</translation>
    </message>
    <message>
        <source>%1 of %2 angles are pressed; go on.</source>
        <translation>%1 von %2 Winkeln sind gemessen; weiter.</translation>
    </message>
    <message>
        <source>%1 under your limit of %2.</source>
        <translation>%1 unter deiner Grenze von %2.</translation>
    </message>
    <message>
        <source> Go on: more angles make it surer.</source>
        <translation> Weiter: mehr Winkel machen es sicherer.</translation>
    </message>
    <message>
        <source>Clay on the piston under both valves, with a release agent; head fastened; two turns by hand. Type its thickness at the thinnest.</source>
        <translation>Knetmasse auf dem Kolben unter beiden Ventilen, mit Trennmittel; Kopf angezogen; zwei Umdrehungen von Hand. Tippe ihre dünnste Stelle.</translation>
    </message>
    <message>
        <source>Feel for where the valve has least room, and type angle and clearance: 8a 1.92.</source>
        <translation>Fühle, wo das Ventil am wenigsten Platz hat, und tippe Winkel und Freigang: 8a 1.92.</translation>
    </message>
    <message>
        <source>The piston chases the exhaust valve shut: press it before TDC. Indicator to zero on the retainer, press until it touches, type the reading.</source>
        <translation>Der Kolben jagt das schließende Auslassventil: drücke es vor OT. Messuhr am Federteller nullen, drücken bis es berührt, Wert tippen.</translation>
    </message>
    <message>
        <source>The piston runs from the opening intake valve: press it after TDC. Indicator to zero on the retainer, press until it touches, type the reading.</source>
        <translation>Der Kolben läuft vor dem öffnenden Einlassventil weg: drücke es nach OT. Messuhr am Federteller nullen, drücken bis es berührt, Wert tippen.</translation>
    </message>
    <message>
        <source>cam later by %1</source>
        <translation>Welle um %1 später</translation>
    </message>
    <message>
        <source>cam earlier by %1</source>
        <translation>Welle um %1 früher</translation>
    </message>
    <message>
        <source>separation wider by %1 cam degrees</source>
        <translation>Spreizung um %1 Grad Nockenwelle weiter</translation>
    </message>
    <message>
        <source>notch deeper by %1</source>
        <translation>Tasche um %1 tiefer</translation>
    </message>
    <message>
        <source>, leaves a crown of %1</source>
        <translation>, lässt einen Boden von %1</translation>
    </message>
    <message>
        <source>, less than its maker allows</source>
        <translation>, weniger als der Hersteller erlaubt</translation>
    </message>
    <message>
        <source>gasket thicker by %1</source>
        <translation>Dichtung um %1 dicker</translation>
    </message>
    <message>
        <source>, static %1, dynamic %2</source>
        <translation>, statisch %1, dynamisch %2</translation>
    </message>
    <message>
        <source>%1: the press at %2 stands %3 %4 the gap of all others, and does not count. Go back and press there again.</source>
        <translation>%1: die Messung bei %2 steht %3 %4 dem Spalt aller anderen und zählt nicht. Gehe zurück und drücke dort noch einmal.</translation>
    </message>
    <message>
        <source>%1: the least so far is the last taken, at %2: the least lies beyond. Take %3, %4 and %5.</source>
        <translation>%1: der kleinste ist bisher der letzte, bei %2: der kleinste liegt dahinter. Nimm %3, %4 und %5.</translation>
    </message>
    <message>
        <source>%1: from %2 on the valve stops at a lift of %3 and not at the piston: the retainer on the seal, coils that bind, or an empty follower. Those presses do not count.</source>
        <translation>%1: ab %2 hält das Ventil bei einem Hub von %3 und nicht am Kolben: Federteller auf der Schaftdichtung, Federblock oder ein leerer Stößel. Diese Messungen zählen nicht.</translation>
    </message>
    <message>
        <source>%1: a live hydraulic follower. Press its slack out first, or make it solid: else you measure the follower.</source>
        <translation>%1: ein nachgebender Hydrostößel. Erst durchdrücken oder starr machen: sonst misst du den Stößel.</translation>
    </message>
    <message>
        <source>%1: the head is held by %2 fasteners, not torqued. A head that lifts makes the reading large: fasten it as the maker says.</source>
        <translation>%1: der Kopf hängt an %2 Schrauben, nicht angezogen. Ein Kopf, der abhebt, zeigt zu viel: nach Hersteller anziehen.</translation>
    </message>
    <message>
        <source> Kept with a reason.</source>
        <translation> Mit Grund behalten.</translation>
    </message>
    <message>
        <source> Do not start this engine on it.</source>
        <translation> So den Motor nicht starten.</translation>
    </message>
    <message>
        <source>%1: the cam was moved since it was pressed; the figures are carried over by the gap. Press the tight angle again to be sure.</source>
        <translation>%1: die Welle wurde seit der Messung verstellt; die Werte sind über den Spalt übertragen. Zur Sicherheit am engen Winkel noch einmal drücken.</translation>
    </message>
    <message>
        <source>%1: head, valve or seat were changed since it was pressed. Nothing of it stands: begin a new map.</source>
        <translation>%1: Kopf, Ventil oder Sitz wurden seit der Messung geändert. Nichts davon gilt: eine neue Messreihe beginnen.</translation>
    </message>
    <message>
        <source>%1: pressed %2, %3 %4. They are not averaged: the way it was turned, lift lost to springs, lash, the gasket or a follower that bleeds can part them. Trust the smaller until you know.</source>
        <translation>%1: gedrückt %2, %3 %4. Sie werden nicht gemittelt: Drehrichtung, Hubverlust an Federn, Ventilspiel, Dichtung oder ein nachgebender Stößel können sie trennen. Traue dem kleineren, bis du es weißt.</translation>
    </message>
    <message>
        <source>by clay</source>
        <translation>mit Knetmasse</translation>
    </message>
    <message>
        <source>by one angle</source>
        <translation>mit einem Winkel</translation>
    </message>
    <message>
        <source>The cam&apos;s maker foretells %1; measured here %2.</source>
        <translation>Der Hersteller der Welle sagt %1 voraus; hier gemessen %2.</translation>
    </message>
    <message>
        <source>Piston to head (squish) %1, under your %2.</source>
        <translation>Kolben zum Kopf (Quetschspalt) %1, unter deinen %2.</translation>
    </message>
    <message>
        <source>The cam&apos;s maker foretells</source>
        <translation>Hersteller der Welle sagt voraus</translation>
    </message>
    <message>
        <source>clearance; - for none</source>
        <translation>Freigang; - für keinen</translation>
    </message>
    <message>
        <source>Piston to head at least</source>
        <translation>Kolben zum Kopf mindestens</translation>
    </message>
    <message>
        <source>of one cylinder, 1 to 3</source>
        <translation>eines Zylinders, 1 bis 3</translation>
    </message>
    <message>
        <source>Intake valves</source>
        <translation>Einlassventile</translation>
    </message>
    <message>
        <source>Exhaust valves</source>
        <translation>Auslassventile</translation>
    </message>
    <message>
        <source>Intake valve head</source>
        <translation>Teller des Einlassventils</translation>
    </message>
    <message>
        <source>Exhaust valve head</source>
        <translation>Teller des Auslassventils</translation>
    </message>
    <message>
        <source>degrees to the bore, away from the other valve; - if not known</source>
        <translation>Grad zur Bohrung, vom anderen Ventil weg; - wenn unbekannt</translation>
    </message>
    <message>
        <source>Intake valve leans</source>
        <translation>Neigung des Einlassventils</translation>
    </message>
    <message>
        <source>Exhaust valve leans</source>
        <translation>Neigung des Auslassventils</translation>
    </message>
    <message>
        <source>Between their rims</source>
        <translation>Zwischen ihren Rändern</translation>
    </message>
    <message>
        <source>intake head to exhaust head, both shut; - if not known</source>
        <translation>Einlassteller zu Auslassteller, beide geschlossen; - wenn unbekannt</translation>
    </message>
    <message>
        <source>Valves</source>
        <translation>Ventile</translation>
    </message>
    <message>
        <source>Release agent on the clay</source>
        <translation>Trennmittel auf der Knetmasse</translation>
    </message>
    <message>
        <source>Turns by hand on the clay</source>
        <translation>Umdrehungen von Hand auf der Knetmasse</translation>
    </message>
    <message>
        <source>whole turns of the crank</source>
        <translation>ganze Umdrehungen der Kurbelwelle</translation>
    </message>
    <message>
        <source>Notch cut deeper since</source>
        <translation>Ventiltasche seither vertieft um</translation>
    </message>
    <message>
        <source>Valve to valve at least</source>
        <translation>Ventil zu Ventil mindestens</translation>
    </message>
    <message>
        <source>%1 maps taken alike agree, and are fitted together.</source>
        <translation>%1 gleich aufgenommene Messreihen stimmen überein und sind gemeinsam ausgeglichen.</translation>
    </message>
    <message>
        <source>Valve to valve %1, at %2.</source>
        <translation>Ventil zu Ventil %1, bei %2.</translation>
    </message>
    <message>
        <source>%1: gasket, deck or notch changed since it was pressed, by %2 along the valve; the figures are carried over by the gap. Press the tight angle again to be sure.</source>
        <translation>%1: Dichtung, Deckhöhe oder Ventiltasche wurden seit der Messung geändert, um %2 längs des Ventils; die Werte sind über den Spalt übertragen. Zur Sicherheit am engen Winkel noch einmal messen.</translation>
    </message>
    <message>
        <source>%1: the gap to the shut valve at TDC is %2 by this map and %3 by the one before. They are not fitted together: look for a head that lifts, a follower that bleeds, or a dial that was not at zero.</source>
        <translation>%1: Der Spalt zum geschlossenen Ventil im OT ist %2 nach dieser Messreihe und %3 nach der vorigen. Sie werden nicht gemeinsam ausgeglichen: nach einem abhebenden Kopf, einem nachgebenden Stößel oder einer nicht genullten Messuhr sehen.</translation>
    </message>
    <message>
        <source>Cyl %1: the intake valve comes within %2 of the exhaust valve at %3, under your limit of %4. Wider separation or smaller heads help.</source>
        <translation>Zyl. %1: Das Einlassventil kommt dem Auslassventil bei %3 auf %2 nahe, unter der Grenze von %4. Größere Spreizung oder kleinere Teller helfen.</translation>
    </message>
    <message>
        <source>: head and block are skimmed first, for they take room; then the notch, its depth measured again and typed in the mock-up</source>
        <translation>: Kopf und Block werden zuerst geplant, denn das nimmt Raum; dann die Tasche, ihre Tiefe nachgemessen und im Messaufbau eingetragen</translation>
    </message>
    <message>
        <source>Valve lift of every cam over the cycle</source>
        <translation>Ventilhub jeder Nockenwelle über dem Zyklus</translation>
    </message>
    <message>
        <source>valve lift, in, over crank degrees</source>
        <translation>Ventilhub, in, über Grad Kurbelwinkel</translation>
    </message>
    <message>
        <source>valve lift, mm, over crank degrees</source>
        <translation>Ventilhub, mm, über Grad Kurbelwinkel</translation>
    </message>
    <message>
        <source>less the reference, on its own scale</source>
        <translation>abzüglich der Bezugswelle, in eigenem Maßstab</translation>
    </message>
    <message>
        <source>Estimated filling of every cam over speed</source>
        <translation>Geschätzte Füllung jeder Nockenwelle über der Drehzahl</translation>
    </message>
    <message>
        <source>against %1</source>
        <translation>gegen %1</translation>
    </message>
    <message>
        <source>Figures of every cam</source>
        <translation>Werte jeder Nockenwelle</translation>
    </message>
    <message>
        <source>, modelled</source>
        <translation>, modelliert</translation>
    </message>
    <message>
        <source>Sort the cams by it</source>
        <translation>Die Wellen danach ordnen</translation>
    </message>
    <message>
        <source>Hide this figure</source>
        <translation>Diesen Wert ausblenden</translation>
    </message>
    <message>
        <source>When the valves of every cam are open</source>
        <translation>Wann die Ventile jeder Welle offen sind</translation>
    </message>
    <message>
        <source>TDC, overlap</source>
        <translation>OT, Überschneidung</translation>
    </message>
    <message>
        <source>outside intake, inside exhaust</source>
        <translation>außen Einlass, innen Auslass</translation>
    </message>
    <message>
        <source>wishes</source>
        <translation>Wünsche</translation>
    </message>
    <message>
        <source>purpose</source>
        <translation>Zweck</translation>
    </message>
    <message>
        <source>Purpose and wishes</source>
        <translation>Zweck und Wünsche</translation>
    </message>
    <message>
        <source>all cams</source>
        <translation>alle Wellen</translation>
    </message>
    <message>
        <source>%1 hidden</source>
        <translation>%1 ausgeblendet</translation>
    </message>
    <message>
        <source>decided: %1</source>
        <translation>entschieden: %1</translation>
    </message>
    <message>
        <source>one cam: no choice yet</source>
        <translation>eine Welle: noch keine Wahl</translation>
    </message>
    <message>
        <source>%1 cams, no wishes yet</source>
        <translation>%1 Wellen, noch keine Wünsche</translation>
    </message>
    <message>
        <source>%1 cams, %2 wishes</source>
        <translation>%1 Wellen, %2 Wünsche</translation>
    </message>
    <message>
        <source>b +2  at Compare</source>
        <translation>b +2  bei Vergleich</translation>
    </message>
    <message>
        <source>cam b two degrees earlier</source>
        <translation>Welle b zwei Grad früher</translation>
    </message>
    <message>
        <source>b ratio 1.6, b lash 0.2, b shorter 4</source>
        <translation>b übersetzung 1,6, b spiel 0,2, b kürzer 4</translation>
    </message>
    <message>
        <source>cam b with another rocker or lash, or ground shorter</source>
        <translation>Welle b mit anderem Kipphebel oder Spiel, oder kürzer geschliffen</translation>
    </message>
    <message>
        <source>b copy, b ref, b name …, b out</source>
        <translation>b kopie, b bezug, b name …, b ohne</translation>
    </message>
    <message>
        <source>another state of it, the reference, its name, taken out</source>
        <translation>ein weiterer Stand von ihr, Bezugswelle, ihr Name, herausgenommen</translation>
    </message>
    <message>
        <source>b choose because …</source>
        <translation>b wählen weil …</translation>
    </message>
    <message>
        <source>decides for cam b</source>
        <translation>entscheidet für Welle b</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleich</translation>
    </message>
    <message>
        <source>The cams in their order, and why</source>
        <translation>Die Wellen in ihrer Reihenfolge, und warum</translation>
    </message>
    <message>
        <source>compare</source>
        <translation>Vergleich</translation>
    </message>
    <message>
        <source>why %1?</source>
        <translation>warum %1?</translation>
    </message>
    <message>
        <source>keep the decision</source>
        <translation>die Entscheidung behalten</translation>
    </message>
    <message>
        <source>no cam yet: measure one at Lobes, or type a card at Engine</source>
        <translation>noch keine Welle: eine bei Nocken messen oder ein Datenblatt bei Motor tippen</translation>
    </message>
    <message>
        <source>what do you wish for?</source>
        <translation>was wird gewünscht?</translation>
    </message>
    <message>
        <source>a cam and what of it: b +2</source>
        <translation>eine Welle und was von ihr: b +2</translation>
    </message>
    <message>
        <source>ask the wishes</source>
        <translation>die Wünsche erfragen</translation>
    </message>
    <message>
        <source>the next cam at hand</source>
        <translation>die nächste Welle zur Hand</translation>
    </message>
    <message>
        <source>A reason in a few words, so that it can be understood later.</source>
        <translation>Ein Grund in wenigen Worten, damit es später verständlich ist.</translation>
    </message>
    <message>
        <source>the wishes and limits</source>
        <translation>die Wünsche und Grenzen</translation>
    </message>
    <message>
        <source>what the engine is for</source>
        <translation>wofür der Motor ist</translation>
    </message>
    <message>
        <source>the best advance of each, of what the drive can do</source>
        <translation>die beste Stellung jeder Welle, soweit der Antrieb sie kann</translation>
    </message>
    <message>
        <source>keep the cam at hand as the decision</source>
        <translation>die Welle zur Hand als Entscheidung behalten</translation>
    </message>
    <message>
        <source>the decided cam&apos;s card as the target</source>
        <translation>das Datenblatt der gewählten Welle als Ziel</translation>
    </message>
    <message>
        <source>Say what you wish for first: W.</source>
        <translation>Erst sagen, was gewünscht wird: W.</translation>
    </message>
    <message>
        <source>Each stands best where it is.</source>
        <translation>Jede steht am besten, wo sie steht.</translation>
    </message>
    <message>
        <source>A range such as 8 to 9.5, or over 2, or under 9.5; - for no wish.</source>
        <translation>Ein Bereich wie 8 to 9.5, oder over 2, oder under 9.5; - für keinen Wunsch.</translation>
    </message>
    <message>
        <source>8 to 9.5, over 2 or under 9.5; - for none</source>
        <translation>8 to 9.5, over 2 oder under 9.5; - für keinen</translation>
    </message>
    <message>
        <source>%1: between what?</source>
        <translation>%1: zwischen was?</translation>
    </message>
    <message>
        <source>What it is for</source>
        <translation>Wofür er ist</translation>
    </message>
    <message>
        <source>The engine&apos;s work</source>
        <translation>Die Arbeit des Motors</translation>
    </message>
    <message>
        <source>what is the engine for? A sentence will do</source>
        <translation>wofür ist der Motor? Ein Satz genügt</translation>
    </message>
    <message>
        <source>per minute; 0 for not said</source>
        <translation>je Minute; 0 für nicht gesagt</translation>
    </message>
    <message>
        <source>Power from</source>
        <translation>Leistung von</translation>
    </message>
    <message>
        <source>Power to</source>
        <translation>Leistung bis</translation>
    </message>
    <message>
        <source>Weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>kg, ready to go; 0 for not said</source>
        <translation>kg, fahrbereit; 0 für nicht gesagt</translation>
    </message>
    <message>
        <source>Gearing</source>
        <translation>Übersetzung</translation>
    </message>
    <message>
        <source>Fuel</source>
        <translation>Kraftstoff</translation>
    </message>
    <message>
        <source>Wishes and limits</source>
        <translation>Wünsche und Grenzen</translation>
    </message>
    <message>
        <source> With all cams at %1.</source>
        <translation> Mit allen Wellen bei %1.</translation>
    </message>
    <message>
        <source>%1 against %2:</source>
        <translation>%1 gegen %2:</translation>
    </message>
    <message>
        <source>Estimating the filling: %1 %</source>
        <translation>Die Füllung wird geschätzt: %1 %</translation>
    </message>
    <message>
        <source>fails %1</source>
        <translation>verfehlt %1</translation>
    </message>
    <message>
        <source>Decided %1: %2, because %3.</source>
        <translation>Entschieden am %1: %2, weil %3.</translation>
    </message>
    <message>
        <source> Over %1.</source>
        <translation> Vor %1.</translation>
    </message>
    <message>
        <source>first</source>
        <translation>zuerst</translation>
    </message>
    <message>
        <source>Within %1 degrees either way.</source>
        <translation>Innerhalb von %1 Grad in jede Richtung.</translation>
    </message>
    <message>
        <source>all cams: </source>
        <translation>alle Wellen: </translation>
    </message>
    <message>
        <source>A cam by its letter and what of it, such as b +2, b ratio 1.6 or b copy.</source>
        <translation>Eine Welle mit ihrem Buchstaben und was von ihr, etwa b +2, b ratio 1.6 oder b copy.</translation>
    </message>
    <message>
        <source>at hand</source>
        <translation>zur Hand</translation>
    </message>
    <message>
        <source>Six can be told apart. Take one out first, such as f out.</source>
        <translation>Sechs lassen sich unterscheiden. Erst eine herausnehmen, etwa f out.</translation>
    </message>
    <message>
        <source>another state of it beside it</source>
        <translation>ein weiterer Stand von ihr daneben</translation>
    </message>
    <message>
        <source>taken out</source>
        <translation>herausgenommen</translation>
    </message>
    <message>
        <source>differences are from it</source>
        <translation>Unterschiede gelten gegen sie</translation>
    </message>
    <message>
        <source>chosen; the reason is asked</source>
        <translation>gewählt; der Grund wird gefragt</translation>
    </message>
    <message>
        <source>A name, such as b name wet set.</source>
        <translation>Ein Name, etwa b name Regenwelle.</translation>
    </message>
    <message>
        <source>A rocker ratio from 0.5 to 3.</source>
        <translation>Ein Kipphebelverhältnis von 0,5 bis 3.</translation>
    </message>
    <message>
        <source>rocker ratio %1%2</source>
        <translation>Kipphebelverhältnis %1%2</translation>
    </message>
    <message>
        <source>A lash up to 3 mm.</source>
        <translation>Ein Ventilspiel bis 3 mm.</translation>
    </message>
    <message>
        <source>lash %1%2</source>
        <translation>Ventilspiel %1%2</translation>
    </message>
    <message>
        <source>Crank degrees of duration, up to 60.</source>
        <translation>Grad Kurbelwinkel der Öffnungsdauer, bis 60.</translation>
    </message>
    <message>
        <source>ground shorter by %1</source>
        <translation>kürzer geschliffen um %1</translation>
    </message>
    <message>
        <source>The springs&apos; pressure on the seat, up to 5000 N.</source>
        <translation>Die Federkraft auf dem Sitz, bis 5000 N.</translation>
    </message>
    <message>
        <source>%1 on the seat</source>
        <translation>%1 auf dem Sitz</translation>
    </message>
    <message>
        <source>Of a cam: +2 (earlier), ratio 1.6, lash 0.2, shorter 4, seat 320, name, copy, ref, choose, out.</source>
        <translation>Von einer Welle: +2 (früher), ratio 1.6, lash 0.2, shorter 4, seat 320, name, copy, ref, choose, out.</translation>
    </message>
    <message>
        <source>Nothing is decided yet: b choose, or K.</source>
        <translation>Noch nichts entschieden: b choose oder K.</translation>
    </message>
    <message>
        <source>%1 is not among the cams any more.</source>
        <translation>%1 ist nicht mehr unter den Wellen.</translation>
    </message>
    <message>
        <source>%1 has no card: type one at Engine, or measure it when it is in.</source>
        <translation>%1 hat kein Datenblatt: eines bei Motor tippen, oder messen, wenn sie eingebaut ist.</translation>
    </message>
    <message>
        <source>Its card is gone.</source>
        <translation>Das Datenblatt ist nicht mehr da.</translation>
    </message>
    <message>
        <source>%1 is the target: on to Set.</source>
        <translation>%1 ist das Ziel: weiter zu Einstellen.</translation>
    </message>
    <message>
        <source>the card gives no greatest lift</source>
        <translation>das Datenblatt nennt keinen größten Hub</translation>
    </message>
    <message>
        <source>the card gives neither both events nor a duration with a centre</source>
        <translation>das Datenblatt nennt weder beide Steuerzeiten noch eine Öffnungsdauer mit Spitzenlage</translation>
    </message>
    <message>
        <source>the height of its events is not under its greatest lift</source>
        <translation>die Höhe ihrer Steuerzeiten liegt nicht unter ihrem größten Hub</translation>
    </message>
    <message>
        <source>its events leave less than 60 or more than 420 degrees</source>
        <translation>ihre Steuerzeiten lassen weniger als 60 oder mehr als 420 Grad</translation>
    </message>
    <message>
        <source>%1: the lift curve is not measured</source>
        <translation>%1: Die Hubkurve ist nicht gemessen</translation>
    </message>
    <message>
        <source>%1: its card is not in this job any more</source>
        <translation>%1: das Datenblatt ist nicht mehr in diesem Auftrag</translation>
    </message>
    <message>
        <source>%1: the figures of its card make no lobe</source>
        <translation>%1: die Werte des Datenblatts ergeben keinen Nocken</translation>
    </message>
    <message>
        <source>bore, stroke and rod: each positive, the rod longer than half the stroke</source>
        <translation>Bohrung, Hub und Pleuel: jeweils positiv, das Pleuel länger als der halbe Hub</translation>
    </message>
    <message>
        <source>the static ratio must lie over 2 and up to 25</source>
        <translation>das statische Verhältnis muss über 2 und bis 25 liegen</translation>
    </message>
    <message>
        <source>valve heads must lie from 5 mm up to the bore, one to three of each</source>
        <translation>Ventilteller müssen von 5 mm bis zur Bohrung reichen, je eins bis drei</translation>
    </message>
    <message>
        <source>the valves must open for 60 degrees and be shut round the firing TDC</source>
        <translation>die Ventile müssen 60 Grad öffnen und um den Zünd-OT geschlossen sein</translation>
    </message>
    <message>
        <source>For the filling estimate: bore, stroke and rod at Engine.</source>
        <translation>Für die Füllungsschätzung: Bohrung, Hub und Pleuel bei Motor.</translation>
    </message>
    <message>
        <source>For the filling estimate: the volumes at Compression.</source>
        <translation>Für die Füllungsschätzung: die Volumen bei Verdichtung.</translation>
    </message>
    <message>
        <source>For the filling estimate: the heads of the valves at Engine.</source>
        <translation>Für die Füllungsschätzung: die Ventilteller bei Motor.</translation>
    </message>
    <message>
        <source>For the filling estimate: both lobes of the cam.</source>
        <translation>Für die Füllungsschätzung: beide Nocken der Welle.</translation>
    </message>
    <message>
        <source>No filling estimate: valves and dimensions do not make an engine.</source>
        <translation>Keine Füllungsschätzung: Ventile und Maße ergeben keinen Motor.</translation>
    </message>
    <message>
        <source>Closing for compression</source>
        <translation>Schließen für die Verdichtung</translation>
    </message>
    <message>
        <source>Dynamic ratio</source>
        <translation>Dynamisches Verhältnis</translation>
    </message>
    <message>
        <source>Cranking pressure</source>
        <translation>Kompressionsdruck</translation>
    </message>
    <message>
        <source> clearance</source>
        <translation> Freigang</translation>
    </message>
    <message>
        <source> flat face needed</source>
        <translation> nötige flache Lauffläche</translation>
    </message>
    <message>
        <source> fastest, a cam degree</source>
        <translation> am schnellsten, je Grad Nockenwelle</translation>
    </message>
    <message>
        <source> ramp spread</source>
        <translation> Rampenbreite</translation>
    </message>
    <message>
        <source>intake valve to piston</source>
        <translation>Einlassventil zu Kolben</translation>
    </message>
    <message>
        <source>exhaust valve to piston</source>
        <translation>Auslassventil zu Kolben</translation>
    </message>
    <message>
        <source>intake valve lift</source>
        <translation>Einlassventilhub</translation>
    </message>
    <message>
        <source>exhaust valve lift</source>
        <translation>Auslassventilhub</translation>
    </message>
    <message>
        <source>flat face needed</source>
        <translation>nötige flache Lauffläche</translation>
    </message>
    <message>
        <source>intake closing, after BDC</source>
        <translation>Einlass schließt, nach UT</translation>
    </message>
    <message>
        <source>lobe separation</source>
        <translation>Spreizung</translation>
    </message>
    <message>
        <source>seat pressure</source>
        <translation>Sitzkraft</translation>
    </message>
    <message>
        <source>%1 %2 to %3</source>
        <translation>%1 %2 bis %3</translation>
    </message>
    <message>
        <source>%1 at least %2</source>
        <translation>%1 mindestens %2</translation>
    </message>
    <message>
        <source>%1 at most %2</source>
        <translation>%1 höchstens %2</translation>
    </message>
    <message>
        <source>, within its ±</source>
        <translation>, innerhalb seines ±</translation>
    </message>
    <message>
        <source>passes, %1</source>
        <translation>besteht, %1</translation>
    </message>
    <message>
        <source>fails, %1</source>
        <translation>verfehlt, %1</translation>
    </message>
    <message>
        <source>rocker ratio of %1</source>
        <translation>Kipphebelverhältnis von %1</translation>
    </message>
    <message>
        <source>piston %1 above the face</source>
        <translation>Kolben %1 über der Fläche</translation>
    </message>
    <message>
        <source>piston %1 below the face</source>
        <translation>Kolben %1 unter der Fläche</translation>
    </message>
    <message>
        <source>gasket of %1</source>
        <translation>Dichtung von %1</translation>
    </message>
    <message>
        <source>chamber of %1 cc</source>
        <translation>Brennraum von %1 cm³</translation>
    </message>
    <message>
        <source>springs and seals for a lift of %1</source>
        <translation>Federn und Dichtungen für einen Hub von %1</translation>
    </message>
    <message>
        <source>a follower with a face of %1</source>
        <translation>ein Stößel mit einer Lauffläche von %1</translation>
    </message>
    <message>
        <source>only another grind: it is ground in</source>
        <translation>nur ein anderer Schliff: sie ist eingeschliffen</translation>
    </message>
    <message>
        <source>springs with %1 on the seat</source>
        <translation>Federn mit %1 auf dem Sitz</translation>
    </message>
    <message>
        <source>passes %1 of %2</source>
        <translation>besteht %1 von %2</translation>
    </message>
    <message>
        <source>not known: %1</source>
        <translation>nicht bekannt: %1</translation>
    </message>
    <message>
        <source>modelled from its card</source>
        <translation>nach dem Datenblatt modelliert</translation>
    </message>
    <message>
        <source>%1 cams side by side. Say what you wish for, and they are ranked.</source>
        <translation>%1 Wellen nebeneinander. Sage, was du wünschst, dann werden sie geordnet.</translation>
    </message>
    <message>
        <source>%1 fails nothing, but %2 of the wishes cannot be judged yet.</source>
        <translation>%1 verfehlt nichts, aber %2 der Wünsche lassen sich noch nicht beurteilen.</translation>
    </message>
    <message>
        <source>%1 pass everything alike.</source>
        <translation>%1 bestehen alles gleich.</translation>
    </message>
    <message>
        <source>%1 passes everything you wish for.</source>
        <translation>%1 besteht alles, was du wünschst.</translation>
    </message>
    <message>
        <source>An estimate that leaves out the pipes: it can say which cam fills better where, and about how far the best speed moves. It cannot say power.</source>
        <translation>Eine Schätzung ohne die Rohre: Sie kann sagen, welche Welle wo besser füllt und etwa wie weit die beste Drehzahl wandert. Leistung kann sie nicht sagen.</translation>
    </message>
    <message>
        <source>fills best at the same speed</source>
        <translation>füllt am besten bei derselben Drehzahl</translation>
    </message>
    <message>
        <source>fills best about %1 per minute higher</source>
        <translation>füllt am besten etwa %1 je Minute höher</translation>
    </message>
    <message>
        <source>fills best about %1 per minute lower</source>
        <translation>füllt am besten etwa %1 je Minute niedriger</translation>
    </message>
    <message>
        <source>fills best beyond these speeds</source>
        <translation>füllt am besten jenseits dieser Drehzahlen</translation>
    </message>
    <message>
        <source>Longer: the best speed tends to go up and idle and low speed to suffer; a restricted intake or exhaust takes most of it back.</source>
        <translation>Länger: Die beste Drehzahl steigt meist, Leerlauf und untere Drehzahlen leiden; ein enger Einlass oder Auslass nimmt das meiste davon zurück.</translation>
    </message>
    <message>
        <source>Shorter: more low down, a calmer idle, an earlier fall-off; with low compression less than hoped for.</source>
        <translation>Kürzer: mehr unten, ein ruhigerer Leerlauf, ein früherer Abfall; bei niedriger Verdichtung weniger als erhofft.</translation>
    </message>
    <message>
        <source>More lift: better filling while the port still flows more, harder on springs and ramps, hardly any change of clearance.</source>
        <translation>Mehr Hub: bessere Füllung, solange der Kanal mehr durchlässt, härter für Federn und Rampen, der Freigang ändert sich kaum.</translation>
    </message>
    <message>
        <source>Less lift: kinder to springs and guides; little is lost where the port is the narrower.</source>
        <translation>Weniger Hub: schont Federn und Führungen; wenig geht verloren, wo der Kanal enger ist.</translation>
    </message>
    <message>
        <source>More overlap: rougher at idle and more burned gas left at low speed; with a tuned exhaust better filling higher up, with a turbocharger seldom.</source>
        <translation>Mehr Überschneidung: rauer im Leerlauf und mehr Restgas bei niedriger Drehzahl; mit abgestimmtem Auspuff bessere Füllung oben, mit Turbolader selten.</translation>
    </message>
    <message>
        <source>Less overlap: a calmer idle and cleaner low speed; less scavenging higher up with a tuned exhaust.</source>
        <translation>Weniger Überschneidung: ruhigerer Leerlauf und sauberer unten; weniger Spülung oben mit abgestimmtem Auspuff.</translation>
    </message>
    <message>
        <source>Too near to the reference to be felt.</source>
        <translation>Zu nah an der Bezugswelle, um es zu spüren.</translation>
    </message>
    <message>
        <source>no lift</source>
        <translation>kein Hub</translation>
    </message>
    <message>
        <source>measured in %1</source>
        <translation>gemessen in %1</translation>
    </message>
    <message>
        <source>card in %1</source>
        <translation>Datenblatt in %1</translation>
    </message>
    <message>
        <source>%1 / %2 at %3</source>
        <translation>%1 / %2 bei %3</translation>
    </message>
    <message>
        <source>name, job, roller, measured, dur&gt;230, lift&lt;10, lsa108, overlap&lt;20</source>
        <translation>Name, Auftrag, measured, dur&gt;230, lift&lt;10, lsa108, overlap&lt;20</translation>
    </message>
    <message>
        <source>Search the cams of this book</source>
        <translation>Die Wellen dieses Buchs durchsuchen</translation>
    </message>
    <message>
        <source>Cams of this book</source>
        <translation>Wellen dieses Buchs</translation>
    </message>
    <message>
        <source>shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>W wishes  S shelf</source>
        <translation>W Wünsche  S Regal</translation>
    </message>
    <message>
        <source>b copy  b choose  W wishes  S shelf  P picture</source>
        <translation>b copy  b choose  W Wünsche  S Regal  P Bild</translation>
    </message>
    <message>
        <source>the shelf: every cam of this book</source>
        <translation>das Regal: jede Welle dieses Buchs</translation>
    </message>
    <message>
        <source>%1 is among the cams.</source>
        <translation>%1 ist unter den Wellen.</translation>
    </message>
    <message>
        <source>, falls off %1 later</source>
        <translation>, fällt %1 später ab</translation>
    </message>
    <message>
        <source>, falls off %1 sooner</source>
        <translation>, fällt %1 früher ab</translation>
    </message>
    <message>
        <source>%1 alone: take another from the shelf, or type a card.</source>
        <translation>%1 allein: eine weitere aus dem Regal nehmen oder ein Datenblatt tippen.</translation>
    </message>
    <message>
        <source>That is no figure of an engine: from %1 to %2.</source>
        <translation>Das ist kein Wert eines Motors: von %1 bis %2.</translation>
    </message>
    <message>
        <source>One cam carries both lobes: they move together, as by b %1.</source>
        <translation>Eine Welle trägt beide Nocken: sie bewegen sich zusammen, etwa mit b %1.</translation>
    </message>
    <message>
        <source>No cam passes everything: %1 comes nearest, failing %2 of %3. What would help stands beside it.</source>
        <translation>Keine Welle besteht alles: %1 kommt am nächsten, %2 von %3 verfehlt. Was helfen würde, steht daneben.</translation>
    </message>
    <message>
        <source>no cam yet</source>
        <translation>noch keine Welle</translation>
    </message>
    <message>
        <source>No cam to compare yet: measure one, take one from the shelf, or type a card.</source>
        <translation>Noch keine Welle zum Vergleichen: eine messen, eine aus dem Regal nehmen oder ein Datenblatt tippen.</translation>
    </message>
    <message>
        <source>kept in the record</source>
        <translation>ins Protokoll aufgenommen</translation>
    </message>
    <message>
        <source>copied beside the book, and kept in the record</source>
        <translation>neben das Buch kopiert und ins Protokoll aufgenommen</translation>
    </message>
    <message>
        <source>%1 has %2 MB. Enter once more copies it beside the book all the same.</source>
        <translation>%1 hat %2 MB. Noch einmal Enter kopiert es trotzdem neben das Buch.</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>Left out of this job, since no engine has it: %1. It stays in the book; everything else works.</source>
        <translation>Aus diesem Auftrag weggelassen, weil kein Motor so etwas hat: %1. Es bleibt im Buch; alles andere geht.</translation>
    </message>
    <message>
        <source>The weekly copy of the book could not be made: </source>
        <translation>Die wöchentliche Kopie des Buchs gelang nicht: </translation>
    </message>
    <message>
        <source>%1 is a copy of the whole book.</source>
        <translation>%1 ist eine Kopie des ganzen Buchs.</translation>
    </message>
    <message>
        <source>entry %1 of the record</source>
        <translation>Eintrag %1 des Protokolls</translation>
    </message>
    <message>
        <source>Start a job first; then drop the picture on it.</source>
        <translation>Zuerst einen Auftrag beginnen; dann das Bild darauf ziehen.</translation>
    </message>
    <message>
        <source>Start a job first; then paste into it.</source>
        <translation>Zuerst einen Auftrag beginnen; dann einfügen.</translation>
    </message>
    <message>
        <source>%1 is a job of this book now.</source>
        <translation>%1 ist jetzt ein Auftrag dieses Buchs.</translation>
    </message>
    <message>
        <source>Save the job as a file</source>
        <translation>Auftrag als Datei speichern</translation>
    </message>
    <message>
        <source>%1 stands there already. Replace it?</source>
        <translation>%1 steht dort schon. Ersetzen?</translation>
    </message>
    <message>
        <source>%1 is the whole job.</source>
        <translation>%1 ist der ganze Auftrag.</translation>
    </message>
    <message>
        <source>The lobes of the job</source>
        <translation>Die Nocken des Auftrags</translation>
    </message>
    <message>
        <source>nothing measured</source>
        <translation>nichts gemessen</translation>
    </message>
    <message>
        <source>those put away too</source>
        <translation>auch weggelegte</translation>
    </message>
    <message>
        <source>&amp;Take back</source>
        <translation>&amp;Zurücknehmen</translation>
    </message>
    <message>
        <source>Search the jobs</source>
        <translation>Aufträge durchsuchen</translation>
    </message>
    <message>
        <source>Jobs</source>
        <translation>Aufträge</translation>
    </message>
    <message>
        <source>&amp;Rename</source>
        <translation>&amp;Umbenennen</translation>
    </message>
    <message>
        <source>Save as &amp;file…</source>
        <translation>Als &amp;Datei speichern…</translation>
    </message>
    <message>
        <source>Copy with &amp;cards</source>
        <translation>Mit Da&amp;tenblatt kopieren</translation>
    </message>
    <message>
        <source>Copy a&amp;ll</source>
        <translation>Alles k&amp;opieren</translation>
    </message>
    <message>
        <source>Put &amp;away</source>
        <translation>&amp;Weglegen</translation>
    </message>
    <message>
        <source>&amp;Delete</source>
        <translation>&amp;Löschen</translation>
    </message>
    <message>
        <source>put away</source>
        <translation>weggelegt</translation>
    </message>
    <message>
        <source>no. %1, changed %2</source>
        <translation>Nr. %1, geändert %2</translation>
    </message>
    <message>
        <source>through</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>Still to be taken: </source>
        <translation>Noch zu messen: </translation>
    </message>
    <message>
        <source>Another name for %1; Enter keeps it, Esc leaves it.</source>
        <translation>Ein anderer Name für %1; Enter behält ihn, Esc lässt es.</translation>
    </message>
    <message>
        <source>%1, copy</source>
        <translation>%1, Kopie</translation>
    </message>
    <message>
        <source>%1 is a new job.</source>
        <translation>%1 ist ein neuer Auftrag.</translation>
    </message>
    <message>
        <source>%1 is on the bench. Open another job first.</source>
        <translation>%1 ist in Arbeit. Zuerst einen anderen Auftrag öffnen.</translation>
    </message>
    <message>
        <source>%1 is no longer listed. Take back brings it again.</source>
        <translation>%1 ist nicht mehr in der Liste. Zurücknehmen holt ihn wieder.</translation>
    </message>
    <message>
        <source>%1 is put away.</source>
        <translation>%1 ist weggelegt.</translation>
    </message>
    <message>
        <source>%1 is at hand again.</source>
        <translation>%1 ist wieder zur Hand.</translation>
    </message>
    <message>
        <source>All jobs</source>
        <translation>Alle Aufträge</translation>
    </message>
    <message>
        <source>Save a copy of the book…</source>
        <translation>Kopie des Buchs speichern…</translation>
    </message>
    <message>
        <source>Read a job file…</source>
        <translation>Auftragsdatei lesen…</translation>
    </message>
    <message>
        <source>Read a job file</source>
        <translation>Auftragsdatei lesen</translation>
    </message>
    <message>
        <source>Jobs (*.json);;All files (*)</source>
        <translation>Aufträge (*.json);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Save this job as a file…</source>
        <translation>Diesen Auftrag als Datei speichern…</translation>
    </message>
    <message>
        <source>Save a copy of the book</source>
        <translation>Kopie des Buchs speichern</translation>
    </message>
    <message>
        <source>Another window logged %1 at %2 while this was typed. Enter once more puts yours in its place; Esc leaves it.</source>
        <translation>Ein anderes Fenster hat %1 bei %2 festgehalten, während dies getippt wurde. Noch einmal Enter setzt Ihre Ablesung an seine Stelle; Esc lässt es.</translation>
    </message>
    <message>
        <source>%1 has %2 MB. Copy it beside the book?</source>
        <translation>%1 hat %2 MB. Neben das Buch kopieren?</translation>
    </message>
    <message numerus="yes">
        <source>%n readings from %1</source>
        <translation>
            <numerusform>%n Ablesung aus %1</numerusform>
            <numerusform>%n Ablesungen aus %1</numerusform>
        </translation>
    </message>
    <message>
        <source>what was pasted</source>
        <translation>dem Eingefügten</translation>
    </message>
    <message>
        <source>%1 to %2, most %3 at %4: right?</source>
        <translation>%1 bis %2, höchstens %3 bei %4: richtig?</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>inches</source>
        <translation>Zoll</translation>
    </message>
    <message>
        <source>thousandths of an inch</source>
        <translation>tausendstel Zoll</translation>
    </message>
    <message>
        <source>lifts alone</source>
        <translation>nur Hübe</translation>
    </message>
    <message>
        <source>decimal comma</source>
        <translation>Dezimalkomma</translation>
    </message>
    <message>
        <source>sign turned</source>
        <translation>Vorzeichen gewendet</translation>
    </message>
    <message>
        <source>counted from the nose</source>
        <translation>von der Spitze gezählt</translation>
    </message>
    <message>
        <source>against the running direction</source>
        <translation>gegen die Laufrichtung</translation>
    </message>
    <message>
        <source>shifted by %1</source>
        <translation>um %1 verschoben</translation>
    </message>
    <message>
        <source>keep it: </source>
        <translation>behalten: </translation>
    </message>
    <message>
        <source>mm, in, thou, cam, crank, sign, nose, reverse, shift 4, step 5; Esc drops it</source>
        <translation>mm, in, thou, cam, crank, sign, nose, reverse, shift 4, step 5; Esc verwirft</translation>
    </message>
    <message>
        <source>take it so</source>
        <translation>so nehmen</translation>
    </message>
    <message>
        <source>Enter keeps it as it stands; mm, in, thou, cam, crank, sign, nose, reverse, columns, shift 4, from -70 or step 5 say it otherwise.</source>
        <translation>Enter behält es, wie es steht; mm, in, thou, cam, crank, sign, nose, reverse, columns, shift 4, from -70 oder step 5 sagen es anders.</translation>
    </message>
    <message>
        <source>So read, %1 at %2 is more than any lobe has.</source>
        <translation>So gelesen sind %1 bei %2 mehr, als ein Nocken hat.</translation>
    </message>
    <message>
        <source>the record</source>
        <translation>das Protokoll</translation>
    </message>
    <message>
        <source>found: %1</source>
        <translation>gefunden: %1</translation>
    </message>
    <message>
        <source>keep, next; empty passes by</source>
        <translation>behalten, weiter; leer geht vorbei</translation>
    </message>
    <message>
        <source>   Esc ends</source>
        <translation>   Esc beendet</translation>
    </message>
    <message>
        <source>lines with </source>
        <translation>Zeilen mit </translation>
    </message>
    <message>
        <source>say what, behind the word</source>
        <translation>sagen was, hinter dem Wort</translation>
    </message>
    <message>
        <source>Begin with what it is: note, part, bolts, float, fit, oil, order, result or symptom.</source>
        <translation>Mit dem beginnen, was es ist: note, part, bolts, float, fit, oil, order, result oder symptom.</translation>
    </message>
    <message>
        <source>There is no entry %1.</source>
        <translation>Es gibt keinen Eintrag %1.</translation>
    </message>
    <message>
        <source>say why, behind the number</source>
        <translation>sagen warum, hinter der Nummer</translation>
    </message>
    <message>
        <source>what may still be said of it</source>
        <translation>was noch zu sagen ist</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Tagebuch</translation>
    </message>
    <message>
        <source>As built</source>
        <translation>Wie gebaut</translation>
    </message>
    <message>
        <source>Nothing yet. part camshaft, bolts cam wheel, float cam or order push rods in the line below begins it; what is asked then may be passed by.</source>
        <translation>Noch nichts. part Nockenwelle, bolts Nockenrad, float Nockenwelle oder order Stoßstangen in der Zeile unten beginnt; was dann gefragt wird, darf übergangen werden.</translation>
    </message>
    <message numerus="yes">
        <source>%n lines with “%1”; Esc shows all</source>
        <translation>
            <numerusform>%n Zeile mit „%1“; Esc zeigt alle</numerusform>
            <numerusform>%n Zeilen mit „%1“; Esc zeigt alle</numerusform>
        </translation>
    </message>
    <message>
        <source>What was read, moved, decided and noted, by its date.</source>
        <translation>Was abgelesen, verstellt, entschieden und notiert wurde, nach Datum.</translation>
    </message>
    <message>
        <source>notes, parts, orders</source>
        <translation>Notizen, Teile, Bestellungen</translation>
    </message>
    <message numerus="yes">
        <source>%n to order</source>
        <translation>
            <numerusform>%n zu bestellen</numerusform>
            <numerusform>%n zu bestellen</numerusform>
        </translation>
    </message>
    <message>
        <source>note …,  photo PATH</source>
        <translation>notiz …,  foto PFAD</translation>
    </message>
    <message>
        <source>kept in the record, from every station</source>
        <translation>ins Protokoll, von jeder Station</translation>
    </message>
    <message>
        <source>part …,  bolts …,  float …,  order …  at Record</source>
        <translation>teil …,  schrauben …,  axialspiel …,  bestellen …  bei Protokoll</translation>
    </message>
    <message>
        <source>what was built in and how; then what is asked, or Enter</source>
        <translation>was eingebaut wurde und wie; dann was gefragt wird, oder Enter</translation>
    </message>
    <message>
        <source>Record</source>
        <translation>Protokoll</translation>
    </message>
    <message>
        <source>on Letter paper</source>
        <translation>auf Letter-Papier</translation>
    </message>
    <message>
        <source>on A4 paper</source>
        <translation>auf A4-Papier</translation>
    </message>
    <message>
        <source>save it as PDF</source>
        <translation>als PDF speichern</translation>
    </message>
    <message>
        <source>print, card, letter, by NAME; out figures leaves a part out</source>
        <translation>drucken, datenblatt, letter, von NAME; ohne werte lässt einen Teil weg</translation>
    </message>
    <message>
        <source>print it</source>
        <translation>drucken</translation>
    </message>
    <message>
        <source>the cam alone, or all of it</source>
        <translation>nur die Nockenwelle, oder alles</translation>
    </message>
    <message>
        <source>measured by </source>
        <translation>gemessen von </translation>
    </message>
    <message>
        <source>pdf, print, card, letter, a4, by NAME, or out and a part.</source>
        <translation>pdf, print, card, letter, a4, by NAME, oder out und ein Teil.</translation>
    </message>
    <message>
        <source>The parts are %1.</source>
        <translation>Die Teile sind %1.</translation>
    </message>
    <message>
        <source>leave it out, or take it in again</source>
        <translation>weglassen, oder wieder aufnehmen</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>cam alone</source>
        <translation>nur Nockenwelle</translation>
    </message>
    <message>
        <source>The pages</source>
        <translation>Die Seiten</translation>
    </message>
    <message>
        <source>leave out:</source>
        <translation>weglassen:</translation>
    </message>
    <message>
        <source>en</source>
        <comment>the language of this translation, as a tag</comment>
        <translation>de</translation>
    </message>
    <message numerus="yes">
        <source>%n pages as they will be printed</source>
        <translation>
            <numerusform>%n Seite, wie sie gedruckt wird</numerusform>
            <numerusform>%n Seiten, wie sie gedruckt werden</numerusform>
        </translation>
    </message>
    <message>
        <source>; by NAME says who measured</source>
        <translation>; by NAME sagt, wer gemessen hat</translation>
    </message>
    <message>
        <source>Save the sheet</source>
        <translation>Blatt speichern</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>sent to the printer</source>
        <translation>an den Drucker geschickt</translation>
    </message>
    <message>
        <source>pdf,  print,  card,  letter,  by NAME  at Sheet</source>
        <translation>pdf,  drucken,  datenblatt,  letter,  von NAME  bei Blatt</translation>
    </message>
    <message>
        <source>saves, prints; the cam alone; the paper; who measured</source>
        <translation>speichert, druckt; nur die Nockenwelle; das Papier; wer gemessen hat</translation>
    </message>
    <message>
        <source>out figures,  out notes  at Sheet</source>
        <translation>ohne werte,  ohne notizen  bei Blatt</translation>
    </message>
    <message>
        <source>leaves a part out, or takes it in again</source>
        <translation>lässt einen Teil weg oder nimmt ihn wieder auf</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>nothing measured yet</source>
        <translation>noch nichts gemessen</translation>
    </message>
    <message>
        <source>to print, or as PDF</source>
        <translation>zum Drucken, oder als PDF</translation>
    </message>
    <message>
        <source>that is no file that can be read to its end</source>
        <translation>das ist keine Datei, die sich zu Ende lesen lässt</translation>
    </message>
    <message>
        <source>the file is longer than %1 MB</source>
        <translation>die Datei ist länger als %1 MB</translation>
    </message>
    <message>
        <source>the run has %1 readings and a lift table at most %2; nothing was written</source>
        <translation>der Durchgang hat %1 Ablesungen, eine Hubtabelle höchstens %2; nichts wurde geschrieben</translation>
    </message>
    <message>
        <source>no %1</source>
        <translation>kein %1</translation>
    </message>
    <message>
        <source>%1 is not as a book of Amber Lobe is made (%2); it was left as it is.</source>
        <translation>%1 ist nicht so, wie ein Buch von Amber Lobe gemacht ist (%2); es blieb, wie es ist.</translation>
    </message>
    <message>
        <source>, solid</source>
        <translation>, durchgezogen</translation>
    </message>
    <message>
        <source>, dashed</source>
        <translation>, gestrichelt</translation>
    </message>
    <message>
        <source>Layout</source>
        <translation>Bauart</translation>
    </message>
    <message>
        <source>Followers</source>
        <translation>Stößel</translation>
    </message>
    <message>
        <source>Rod</source>
        <translation>Pleuel</translation>
    </message>
    <message>
        <source>Turns, seen from the drive</source>
        <translation>Dreht, vom Antrieb gesehen</translation>
    </message>
    <message>
        <source>Rocker ratio, intake and exhaust</source>
        <translation>Kipphebelverhältnis, Einlass und Auslass</translation>
    </message>
    <message>
        <source>Lash, intake and exhaust</source>
        <translation>Spiel, Einlass und Auslass</translation>
    </message>
    <message>
        <source>Cam card</source>
        <translation>Datenblatt</translation>
    </message>
    <message>
        <source>Engine and cam</source>
        <translation>Motor und Nockenwelle</translation>
    </message>
    <message>
        <source>Measured by</source>
        <translation>Gemessen von</translation>
    </message>
    <message>
        <source>Cylinder %1 %2 taken</source>
        <translation>Zylinder %1 %2 genommen</translation>
    </message>
    <message>
        <source>at the %1, every %2, indicator to %3</source>
        <translation>am %1, alle %2, Messuhr auf %3</translation>
    </message>
    <message>
        <source>Readings</source>
        <translation>Ablesungen</translation>
    </message>
    <message>
        <source>How it was measured</source>
        <translation>Wie gemessen wurde</translation>
    </message>
    <message>
        <source>value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>height, school</source>
        <translation>Höhe, Schule</translation>
    </message>
    <message>
        <source>against the card</source>
        <translation>gegen das Datenblatt</translation>
    </message>
    <message>
        <source>Degrees are crank degrees, a lobe separation cam degrees. ± holds in 95 of 100 cases.</source>
        <translation>Grade sind Kurbelgrade, eine Spreizung Nockengrade. ± gilt in 95 von 100 Fällen.</translation>
    </message>
    <message>
        <source>; marks: </source>
        <translation>; Marken: </translation>
    </message>
    <message>
        <source>Change %1, %2</source>
        <translation>Änderung %1, %2</translation>
    </message>
    <message>
        <source>Change %1. </source>
        <translation>Änderung %1. </translation>
    </message>
    <message>
        <source>Setting</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>Valve to piston</source>
        <translation>Ventil zu Kolben</translation>
    </message>
    <message>
        <source>Notes and results</source>
        <translation>Notizen und Ergebnisse</translation>
    </message>
    <message>
        <source>engine and cam</source>
        <translation>Motor und Nockenwelle</translation>
    </message>
    <message>
        <source>how measured</source>
        <translation>wie gemessen</translation>
    </message>
    <message>
        <source>ring and strip</source>
        <translation>Ring und Streifen</translation>
    </message>
    <message>
        <source>figures</source>
        <translation>Werte</translation>
    </message>
    <message>
        <source>setting</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>as built</source>
        <translation>wie gebaut</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>in plain words</source>
        <translation>in einfachen Worten</translation>
    </message>
    <message>
        <source>In plain words</source>
        <translation>In einfachen Worten</translation>
    </message>
    <message>
        <source>The crankshaft turns through %1 while the intake valve is open, and through %2 while the exhaust valve is: that is the duration. Longer durations fill the engine better at high speed and worse at low speed.</source>
        <translation>Die Kurbelwelle dreht um %1, während das Einlassventil offen ist, und um %2, während das Auslassventil offen ist: das ist die Öffnungsdauer. Längere füllen den Motor bei hoher Drehzahl besser und bei niedriger schlechter.</translation>
    </message>
    <message>
        <source>The crankshaft turns through %1 while the intake valve is open: that is the duration. A longer one fills the engine better at high speed and worse at low speed.</source>
        <translation>Die Kurbelwelle dreht um %1, während das Einlassventil offen ist: das ist die Öffnungsdauer. Eine längere füllt den Motor bei hoher Drehzahl besser und bei niedriger schlechter.</translation>
    </message>
    <message>
        <source>The intake lobe lifts by %1 at most. How far a valve opens decides how much can pass it.</source>
        <translation>Der Einlassnocken hebt höchstens %1. Wie weit ein Ventil öffnet, entscheidet, wie viel hindurch kann.</translation>
    </message>
    <message>
        <source>The two lobes stand %1 apart on the camshaft. Closer together they give a stronger middle range and a rougher idle, farther apart a smoother one.</source>
        <translation>Die beiden Nocken stehen auf der Welle %1 auseinander. Näher beisammen geben sie mehr Mitte und rauheren Leerlauf, weiter auseinander ruhigeren.</translation>
    </message>
    <message>
        <source>For %1 of a turn both valves are open together. That overlap lets the exhaust help to draw in the fresh charge when the engine turns fast.</source>
        <translation>Über %1 sind beide Ventile zugleich offen. Diese Überschneidung lässt bei hoher Drehzahl den Auslass die frische Ladung mit hereinziehen.</translation>
    </message>
    <message>
        <source>The camshaft stands %1 early. An earlier camshaft pulls better from low speed, a later one revs higher.</source>
        <translation>Die Nockenwelle steht %1 früh. Eine frühere zieht von unten besser, eine spätere dreht höher.</translation>
    </message>
    <message>
        <source>The camshaft stands %1 late. A later camshaft revs higher, an earlier one pulls better from low speed.</source>
        <translation>Die Nockenwelle steht %1 spät. Eine spätere dreht höher, eine frühere zieht von unten besser.</translation>
    </message>
    <message>
        <source>Each charge is squeezed to one part in %1 by the engine&apos;s dimensions, and to one part in %2 counted from where the intake valve shuts. The second number decides which fuel it needs.</source>
        <translation>Jede Ladung wird nach den Maßen des Motors auf ein %1tel verdichtet, vom Schließen des Einlassventils an auf ein %2tel. Die zweite Zahl entscheidet, welchen Kraftstoff er braucht.</translation>
    </message>
    <message>
        <source>page %1 of %2</source>
        <translation>Seite %1 von %2</translation>
    </message>
    <message>
        <source>nothing could be painted</source>
        <translation>es ließ sich nichts zeichnen</translation>
    </message>
    <message>
        <source>cylinder %1 %2</source>
        <translation>Zylinder %1 %2</translation>
    </message>
    <message numerus="yes">
        <source>, %n struck (%1)</source>
        <translation>
            <numerusform>, %n gestrichen (%1)</numerusform>
            <numerusform>, %n gestrichen (%1)</numerusform>
        </translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>Fasteners</source>
        <translation>Verschraubung</translation>
    </message>
    <message>
        <source>End float</source>
        <translation>Axialspiel</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Sitz</translation>
    </message>
    <message>
        <source>Oil</source>
        <translation>Öl</translation>
    </message>
    <message>
        <source>To order</source>
        <translation>Zu bestellen</translation>
    </message>
    <message>
        <source>Result</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>Symptom</source>
        <translation>Verhalten</translation>
    </message>
    <message>
        <source>nothing is needed; Enter passes by</source>
        <translation>nichts ist nötig; Enter geht vorbei</translation>
    </message>
    <message>
        <source>maker</source>
        <translation>Hersteller</translation>
    </message>
    <message>
        <source>number</source>
        <translation>Nummer</translation>
    </message>
    <message>
        <source>the maker&apos;s or your own</source>
        <translation>des Herstellers oder die eigene</translation>
    </message>
    <message>
        <source>material</source>
        <translation>Werkstoff</translation>
    </message>
    <message>
        <source>batch or core</source>
        <translation>Charge oder Rohling</translation>
    </message>
    <message>
        <source>where from</source>
        <translation>woher</translation>
    </message>
    <message>
        <source>fitted or awaited</source>
        <translation>eingebaut oder erwartet</translation>
    </message>
    <message>
        <source>fitted, awaited</source>
        <translation>fitted, awaited</translation>
    </message>
    <message>
        <source>torque used</source>
        <translation>Drehmoment</translation>
    </message>
    <message>
        <source>85 Nm, 62 lbft</source>
        <translation>85 Nm, 62 lbft</translation>
    </message>
    <message>
        <source>and turned on by</source>
        <translation>und weitergedreht um</translation>
    </message>
    <message>
        <source>lubricant</source>
        <translation>Schmiermittel</translation>
    </message>
    <message>
        <source>locking compound</source>
        <translation>Schraubensicherung</translation>
    </message>
    <message>
        <source>done by</source>
        <translation>gemacht von</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>0.12 mm, 0.005 in</source>
        <translation>0.12 mm, 0.005 in</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>by the maker&apos;s manual</source>
        <translation>nach dem Handbuch des Herstellers</translation>
    </message>
    <message>
        <source>at most</source>
        <translation>höchstens</translation>
    </message>
    <message>
        <source>how it stands</source>
        <translation>wie es steht</translation>
    </message>
    <message>
        <source>a follower&apos;s kind, how it was made solid, a tensioner&apos;s state</source>
        <translation>Art des Stößels, wie er starr gemacht wurde, Stand des Spanners</translation>
    </message>
    <message>
        <source>temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source>oil or engine, as measured</source>
        <translation>Öl oder Motor, wie gemessen</translation>
    </message>
    <message>
        <source>air, fuel, who was there</source>
        <translation>Luft, Kraftstoff, wer dabei war</translation>
    </message>
    <message>
        <source>; within its limits</source>
        <translation>; in seinen Grenzen</translation>
    </message>
    <message>
        <source>; OUTSIDE its limits</source>
        <translation>; AUSSERHALB seiner Grenzen</translation>
    </message>
    <message>
        <source>; done</source>
        <translation>; erledigt</translation>
    </message>
    <message>
        <source>; replaced %1: %2</source>
        <translation>; ersetzt %1: %2</translation>
    </message>
    <message numerus="yes">
        <source>TDC: %n contacts</source>
        <translation>
            <numerusform>OT: %n Kontakt</numerusform>
            <numerusform>OT: %n Kontakte</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>: %n readings</source>
        <translation>
            <numerusform>: %n Ablesung</numerusform>
            <numerusform>: %n Ablesungen</numerusform>
        </translation>
    </message>
    <message>
        <source> from %1</source>
        <translation> aus %1</translation>
    </message>
    <message numerus="yes">
        <source>: %n presses for clearance</source>
        <translation>
            <numerusform>: %n Messung für den Freigang</numerusform>
            <numerusform>: %n Messungen für den Freigang</numerusform>
        </translation>
    </message>
    <message>
        <source>Cam set, change %1</source>
        <translation>Nockenwelle verstellt, Änderung %1</translation>
    </message>
    <message>
        <source> (picture)</source>
        <translation> (Bild)</translation>
    </message>
    <message>
        <source>; as the cam was found</source>
        <translation>; wie die Nockenwelle vorgefunden wurde</translation>
    </message>
    <message>
        <source>; at change %1</source>
        <translation>; bei Änderung %1</translation>
    </message>
    <message>
        <source>without a time</source>
        <translation>ohne Zeit</translation>
    </message>
    <message>
        <source>longer than any lift table; expected at most 200000 readings</source>
        <translation>länger als jede Hubtabelle; erwartet höchstens 200000 Ablesungen</translation>
    </message>
    <message>
        <source>crank angle %1 is too many turns away; expected -3600 to 3600</source>
        <translation>Kurbelwinkel %1 ist zu viele Umdrehungen entfernt; erwartet -3600 bis 3600</translation>
    </message>
    <message>
        <source>Books opened before</source>
        <translation>Früher geöffnete Bücher</translation>
    </message>
    <message>
        <source>no other yet</source>
        <translation>noch kein anderes</translation>
    </message>
    <message>
        <source>What was pasted is no table of numbers; two lines of them would be.</source>
        <translation>Das Eingefügte ist keine Tabelle von Zahlen; zwei Zeilen davon wären eine.</translation>
    </message>
    <message numerus="yes">
        <source>%n jobs of %1 are in this book now.</source>
        <translation>
            <numerusform>%n Auftrag aus %1 ist jetzt in diesem Buch.</numerusform>
            <numerusform>%n Aufträge aus %1 sind jetzt in diesem Buch.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n were not taken; the first: %1</source>
        <translation>
            <numerusform>%n wurde nicht übernommen: %1</numerusform>
            <numerusform>%n wurden nicht übernommen; der erste: %1</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of %2 jobs. Enter opens, a job dragged out is a file, Esc stays.</source>
        <translation>%1 von %2 Aufträgen. Enter öffnet, herausgezogen wird einer zur Datei, Esc bleibt.</translation>
    </message>
    <message>
        <source>lift, %1</source>
        <translation>Hub, %1</translation>
    </message>
    <message>
        <source>off the centre</source>
        <translation>neben der Mitte</translation>
    </message>
    <message>
        <source>Another window logged %1 at %2 while this was typed. Enter once more keeps yours beside it; Esc leaves it.</source>
        <translation>Ein anderes Fenster hat %1 bei %2 festgehalten, während dies getippt wurde. Nochmals Enter behält Ihren Wert daneben; Esc lässt es.</translation>
    </message>
    <message>
        <source>clearance, %1</source>
        <translation>Freigang, %1</translation>
    </message>
    <message>
        <source>Copy all</source>
        <translation>Alles kopieren</translation>
    </message>
    <message>
        <source>per minute</source>
        <translation>je Minute</translation>
    </message>
    <message>
        <source>as such a table was before</source>
        <translation>wie so eine Tabelle vorher</translation>
    </message>
    <message>
        <source>readings</source>
        <translation>Messwerte</translation>
    </message>
    <message>
        <source>settings of the cam</source>
        <translation>Einstellungen der Nockenwelle</translation>
    </message>
    <message>
        <source>decisions</source>
        <translation>Entscheidungen</translation>
    </message>
    <message>
        <source>notes and pictures</source>
        <translation>Notizen und Bilder</translation>
    </message>
    <message>
        <source>what was built in</source>
        <translation>was eingebaut wurde</translation>
    </message>
    <message>
        <source>how it ran</source>
        <translation>wie er lief</translation>
    </message>
    <message>
        <source>everything</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>note, part, bolts, float, fit, oil, order, result, symptom; find, only</source>
        <translation>note, part, bolts, float, fit, oil, order, result, symptom; find, only</translation>
    </message>
    <message>
        <source>only readings, settings, decisions, notes, built, running, or all</source>
        <translation>only readings, settings, decisions, notes, built, running oder all</translation>
    </message>
    <message>
        <source>still to be got</source>
        <translation>noch zu beschaffen</translation>
    </message>
    <message>
        <source>written down</source>
        <translation>aufgeschrieben</translation>
    </message>
    <message numerus="yes">
        <source>of %n orders</source>
        <translation>
            <numerusform>von %n Bestellung</numerusform>
            <numerusform>von %n Bestellungen</numerusform>
        </translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation>Als Nächstes: %1</translation>
    </message>
    <message>
        <source>What of the logbook is shown</source>
        <translation>Was vom Tagebuch gezeigt wird</translation>
    </message>
    <message numerus="yes">
        <source>%n lines; Esc shows all</source>
        <translation>
            <numerusform>%n Zeile; Esc zeigt alle</numerusform>
            <numerusform>%n Zeilen; Esc zeigt alle</numerusform>
        </translation>
    </message>
    <message>
        <source>find …,  only readings,  done 3,  gone 3 why  at Record</source>
        <translation>suchen …,  nur messungen,  erledigt 3,  ausgebaut 3 warum  bei Protokoll</translation>
    </message>
    <message>
        <source>searches; shows one kind; ticks an order; a part taken out again</source>
        <translation>sucht; zeigt nur eine Art; hakt eine Bestellung ab; ein Teil wieder ausgebaut</translation>
    </message>
    <message>
        <source>the cam alone</source>
        <translation>die Nockenwelle allein</translation>
    </message>
    <message>
        <source>the whole job on paper</source>
        <translation>der ganze Auftrag auf Papier</translation>
    </message>
    <message>
        <source>PDF</source>
        <translation>PDF</translation>
    </message>
    <message>
        <source>pages</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>Enter: %1</source>
        <translation>Enter: %1</translation>
    </message>
    <message>
        <source>Left out: %1</source>
        <translation>Weggelassen: %1</translation>
    </message>
    <message>
        <source>by NAME says who measured.</source>
        <translation>by NAME sagt, wer gemessen hat.</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Another window logged here a moment ago. Look at it: Enter once more keeps this one all the same, Esc leaves it.</source>
        <translation>Ein anderes Fenster hat hier gerade etwas festgehalten. Sehen Sie es an: Nochmals Enter behält diesen Wert trotzdem, Esc lässt es.</translation>
    </message>
    <message>
        <source>power</source>
        <translation>Leistung</translation>
    </message>
    <message>
        <source>41 kW at 9800, 55 hp at 9800</source>
        <translation>41 kW at 9800, 55 hp at 9800</translation>
    </message>
    <message>
        <source>torque</source>
        <translation>Drehmoment</translation>
    </message>
    <message>
        <source>48 Nm at 7200, 35 lbft at 7200</source>
        <translation>48 Nm at 7200, 35 lbft at 7200</translation>
    </message>
    <message>
        <source>best time</source>
        <translation>beste Zeit</translation>
    </message>
    <message>
        <source>1:14.6</source>
        <translation>1:14,6</translation>
    </message>
    <message>
        <source>other figures</source>
        <translation>andere Werte</translation>
    </message>
    <message>
        <source>each with its unit</source>
        <translation>jeder mit seiner Einheit</translation>
    </message>
    <message>
        <source>Jobs (*.json);;Sheets (*.pdf);;Figures (*.md);;Readings (*.csv);;Pictures (*.svg)</source>
        <translation>Aufträge (*.json);;Blätter (*.pdf);;Zahlen (*.md);;Messwerte (*.csv);;Bilder (*.svg)</translation>
    </message>
    <message>
        <source>A new folder for a file of every job</source>
        <translation>Ein neuer Ordner für eine Datei von jedem Auftrag</translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation>Alle Dateien (*)</translation>
    </message>
    <message numerus="yes">
        <source>%n jobs are written to %1.</source>
        <translation>
            <numerusform>%n Auftrag ist nach %1 geschrieben.</numerusform>
            <numerusform>%n Aufträge sind nach %1 geschrieben.</numerusform>
        </translation>
    </message>
    <message>
        <source>name, engine, cam, date, what is still to be taken</source>
        <translation>Name, Motor, Nockenwelle, Datum, was noch fehlt</translation>
    </message>
    <message>
        <source>%1, no. %2</source>
        <translation>%1, Nr. %2</translation>
    </message>
    <message>
        <source>copied: the figures, and a picture of what is shown</source>
        <translation>kopiert: die Zahlen und ein Bild dessen, was zu sehen ist</translation>
    </message>
    <message>
        <source>Save every job as a file…</source>
        <translation>Jeden Auftrag als Datei sichern…</translation>
    </message>
    <message>
        <source>Nothing yet: note oil was cold, or order push rods, begins it.</source>
        <translation>Noch nichts: note Öl war kalt oder order Stoßstangen beginnt es.</translation>
    </message>
    <message>
        <source>There is no job in %1; a job is a file that ends in .json.</source>
        <translation>In %1 ist kein Auftrag; ein Auftrag ist eine Datei, die auf .json endet.</translation>
    </message>
    <message>
        <source>Copy what is shown</source>
        <translation>Kopieren, was zu sehen ist</translation>
    </message>
    <message>
        <source>This job could not be worked out (%1). All that was entered is in the book. Undo takes back what was entered last; other jobs are not touched.</source>
        <translation>Dieser Auftrag ließ sich nicht auswerten (%1). Alles Eingegebene steht im Buch. Rückgängig nimmt das zuletzt Eingegebene zurück; andere Aufträge sind unberührt.</translation>
    </message>
    <message>
        <source>%1 is no file, so no preferences can be read from it. Move it away, and start again.</source>
        <translation>%1 ist keine Datei, daher lassen sich keine Einstellungen daraus lesen. Bitte wegräumen und neu starten.</translation>
    </message>
    <message>
        <source>%1 is no file that can be read to its end.</source>
        <translation>%1 ist keine Datei, die sich bis zum Ende lesen lässt.</translation>
    </message>
    <message>
        <source>Copy e&amp;ngine</source>
        <translation>&amp;Motor kopieren</translation>
    </message>
    <message>
        <source>%1 is no file, and so no picture.</source>
        <translation>%1 ist keine Datei, also auch kein Bild.</translation>
    </message>
    <message>
        <source>%1 is longer than %2 MB; a smaller picture shows as much.</source>
        <translation>%1 hat mehr als %2 MB; ein kleineres Bild zeigt ebenso viel.</translation>
    </message>
    <message>
        <source>%1 is no picture: a photo is PNG, JPEG, GIF, TIFF, WebP or HEIF, a drawing SVG that is not packed.</source>
        <translation>%1 ist kein Bild: ein Foto ist PNG, JPEG, GIF, TIFF, WebP oder HEIF, eine Zeichnung ungepacktes SVG.</translation>
    </message>
    <message>
        <source>Of this book the newest %1 jobs are listed.</source>
        <translation>Aufgeführt sind die neuesten %1 Aufträge dieses Buchs.</translation>
    </message>
    <message>
        <source>Exhaust&apos;s phaser, with two cams</source>
        <translation>Versteller am Auslass, bei zwei Nockenwellen</translation>
    </message>
    <message>
        <source>Slack lets the cam lag</source>
        <translation>Spiel lässt die Welle nachhinken</translation>
    </message>
    <message>
        <source>Gap to the shut valve at TDC %1, growing with %2 of the piston&apos;s way; the presses leave %3.</source>
        <translation>Abstand zum geschlossenen Ventil in OT %1, er wächst mit dem %2-Fachen des Kolbenwegs; die Messungen lassen %3.</translation>
    </message>
    <message>
        <source>Cylinder %1: </source>
        <translation>Zylinder %1: </translation>
    </message>
    <message>
        <source>, at %1</source>
        <translation>, bei %1</translation>
    </message>
    <message>
        <source>What was taken of the %1 valve does not stand any more: press it again.</source>
        <translation>Was am %1ventil gemessen wurde, gilt nicht mehr: neu drücken.</translation>
    </message>
    <message>
        <source>Where the valve has least room is not known yet: take the angles beside it.</source>
        <translation>Wo das Ventil am wenigsten Platz hat, ist noch nicht bekannt: die Winkel daneben nehmen.</translation>
    </message>
    <message>
        <source>What is left when the cam moves as it runs is not known: that takes a map of presses and this lobe&apos;s lift.</source>
        <translation>Was bleibt, wenn sich die Welle im Lauf verstellt, ist nicht bekannt: dazu braucht es eine Messreihe und den Hub dieses Nockens.</translation>
    </message>
    <message>
        <source>That is known within %1, which reaches under your limit of %2: press more angles about the least.</source>
        <translation>Das ist auf %1 bekannt und reicht damit unter Ihre Grenze von %2: um den kleinsten Wert mehr Winkel drücken.</translation>
    </message>
    <message>
        <source>it keeps your limit of %1 with %2 to spare.</source>
        <translation>Ihre Grenze von %1 ist gehalten, mit %2 Reserve.</translation>
    </message>
    <message>
        <source>Over all its cam may do while the engine runs it comes no nearer.</source>
        <translation>Bei allem, was seine Welle im Lauf tun kann, kommt es nicht näher.</translation>
    </message>
    <message>
        <source>With its cam %1 earlier, as it may run, %2%3: </source>
        <translation>Mit der Welle %1 früher, wie sie laufen kann, %2%3: </translation>
    </message>
    <message>
        <source>With its cam %1 later, as it may run, %2%3: </source>
        <translation>Mit der Welle %1 später, wie sie laufen kann, %2%3: </translation>
    </message>
    <message>
        <source>The least read so far is %1%2. </source>
        <translation>Der bisher kleinste Wert ist %1%2. </translation>
    </message>
    <message>
        <source> Another way says %1: the smaller counts.</source>
        <translation> Auf anderem Weg sind es %1: der kleinere Wert zählt.</translation>
    </message>
    <message>
        <source> By a lobe modelled from the card: record its lift to be sure.</source>
        <translation> Nach einem aus dem Datenblatt gebildeten Nocken: seinen Hub aufnehmen, um sicher zu sein.</translation>
    </message>
    <message>
        <source> advanced</source>
        <translation> früh</translation>
    </message>
    <message>
        <source> retarded</source>
        <translation> spät</translation>
    </message>
    <message>
        <source>, touches</source>
        <translation>, berührt</translation>
    </message>
    <message>
        <source>, not sure</source>
        <translation>, nicht sicher</translation>
    </message>
    <message>
        <source>%1: presses at %2 lie %3 apart. Press again, and strike what was not right: the valve may tilt, or the indicator&apos;s foot slide. Until then the smaller counts, %4.</source>
        <translation>%1: die Messungen bei %2 liegen %3 auseinander. Noch einmal drücken und streichen, was falsch war: das Ventil kann kippen, der Fuß der Messuhr rutschen. Bis dahin zählt der kleinere Wert, %4.</translation>
    </message>
    <message>
        <source>%1: the presses lie up to %2 off any gap of valve and piston. They tell of this cam where it stands and of no other: look for a wheel that slipped, a valve that tilts, or another lobe&apos;s lift.</source>
        <translation>%1: die Messungen liegen bis %2 neben jedem Abstand von Ventil und Kolben. Sie gelten für diese Welle, wie sie steht, und für keine andere: verrutschte Gradscheibe, kippendes Ventil oder der Hub eines anderen Nockens?</translation>
    </message>
    <message>
        <source>%1: was there lash while it was pressed? Until that is said none is added.</source>
        <translation>%1: war beim Messen Ventilspiel da? Bis das gesagt ist, wird keines zugezählt.</translation>
    </message>
    <message>
        <source>%1: the gasket was left out, and how thick it is tightened is not said: none is added.</source>
        <translation>%1: die Dichtung fehlte, und wie dick sie angezogen ist, ist nicht gesagt: keine wird zugezählt.</translation>
    </message>
    <message>
        <source>%1: the two lifts under checking and running spring are greater than where valve and piston are near: the greatest, perhaps. Nothing is added: take both at the tight angle.</source>
        <translation>%1: die beiden Hübe unter Prüf- und Betriebsfeder sind größer als dort, wo sich Ventil und Kolben nahe sind: vielleicht die größten. Nichts wird zugezählt: beide beim engsten Winkel nehmen.</translation>
    </message>
    <message>
        <source>your limit is %1, %2 less.</source>
        <translation>Ihre Grenze ist %1, %2 weniger.</translation>
    </message>
    <message>
        <source>clay %1</source>
        <translation>Knetmasse %1</translation>
    </message>
    <message>
        <source>least room</source>
        <translation>kleinster Platz</translation>
    </message>
    <message>
        <source>comes within %1 of the piston</source>
        <translation>kommt dem Kolben auf %1 nahe</translation>
    </message>
    <message>
        <source>would go %1 into the piston</source>
        <translation>ginge %1 in den Kolben</translation>
    </message>
    <message>
        <source>With its cam %1 earlier, as it may run, the %2 valve %3: %4</source>
        <translation>Mit der Welle %1 früher, wie sie laufen kann, gilt: das %2ventil %3. %4</translation>
    </message>
    <message>
        <source>With its cam %1 later, as it may run, the %2 valve %3: %4</source>
        <translation>Mit der Welle %1 später, wie sie laufen kann, gilt: das %2ventil %3. %4</translation>
    </message>
    <message>
        <source> As it stands it %1.</source>
        <translation> Wie sie steht: es %1.</translation>
    </message>
    <message>
        <source>The %1 valve %2: %3</source>
        <translation>Das %1ventil %2: %3</translation>
    </message>
    <message>
        <source>%1: the valve %2 at %3, under your limit of %4.</source>
        <translation>%1: das Ventil %2 bei %3, unter Ihrer Grenze von %4.</translation>
    </message>
    <message>
        <source>%1: with its cam %2 earlier, as it may run, the valve %3 at %4, under your limit of %5. Do not start this engine on it: less travel, a limiter, or the cam set elsewhere.</source>
        <translation>%1: mit der Welle %2 früher, wie sie laufen kann: das Ventil %3 bei %4, unter Ihrer Grenze von %5. So nicht starten: weniger Verstellweg, ein Begrenzer oder die Welle anders stellen.</translation>
    </message>
    <message>
        <source>%1: with its cam %2 later, as it may run, the valve %3 at %4, under your limit of %5. Do not start this engine on it: less travel, a limiter, or the cam set elsewhere.</source>
        <translation>%1: mit der Welle %2 später, wie sie laufen kann: das Ventil %3 bei %4, unter Ihrer Grenze von %5. So nicht starten: weniger Verstellweg, ein Begrenzer oder die Welle anders stellen.</translation>
    </message>
    <message>
        <source>Turn by hand only, stop at resistance; mind fingers and springs. What clears by hand may touch at speed: parts stretch, springs lose control. The engine maker&apos;s manual has the last word.</source>
        <translation>Nur von Hand drehen, bei Widerstand anhalten; auf Finger und Federn achten. Was von Hand nicht berührt, kann bei Drehzahl berühren: Teile dehnen sich, Federn verlieren die Führung. Das letzte Wort hat das Handbuch des Motorherstellers.</translation>
    </message>
    <message>
        <source>That is by lobe centres: no event of the card was measured beside them.</source>
        <translation>Das gilt nach den Nockenmitten: kein Ereignis des Datenblatts wurde daneben gemessen.</translation>
    </message>
    <message>
        <source>One event of a lobe alone does not tell its timing from its length: take the other too.</source>
        <translation>Ein Ereignis eines Nockens allein trennt seine Steuerzeit nicht von seiner Länge: auch das andere nehmen.</translation>
    </message>
    <message>
        <source>On the cam whose opening and closing were both taken they moved alike.</source>
        <translation>Auf der Welle, deren Öffnen und Schließen beide genommen wurden, haben sie sich gleich verschoben.</translation>
    </message>
    <message>
        <source>at the %1, by events</source>
        <translation>am %1, nach Steuerzeiten</translation>
    </message>
    <message>
        <source>Each charge is squeezed to one part in %1 by the engine&apos;s dimensions. From where the intake valve shuts on is not known yet, and that number decides which fuel it needs.</source>
        <translation>Jede Ladung wird nach den Maßen des Motors auf ein %1tel verdichtet. Auf wie viel vom Schließen des Einlassventils an, ist noch nicht bekannt, und diese Zahl entscheidet, welchen Kraftstoff er braucht.</translation>
    </message>
    <message>
        <source>The camshaft was moved once against the crankshaft.</source>
        <translation>Die Nockenwelle wurde einmal gegen die Kurbelwelle verstellt.</translation>
    </message>
    <message>
        <source>The camshaft was moved %1 times against the crankshaft.</source>
        <translation>Die Nockenwelle wurde %1-mal gegen die Kurbelwelle verstellt.</translation>
    </message>
    <message>
        <source>It was not measured again since.</source>
        <translation>Seither wurde nicht neu gemessen.</translation>
    </message>
    <message>
        <source>Measured again, the last move came as it was meant.</source>
        <translation>Neu gemessen kam der letzte Schritt so, wie er gemeint war.</translation>
    </message>
    <message>
        <source>Measured again, the last move came other than meant.</source>
        <translation>Neu gemessen kam der letzte Schritt anders, als er gemeint war.</translation>
    </message>
    <message>
        <source>%1 at %2, %3: wheel?</source>
        <translation>%1 bei %2, %3: Scheibe?</translation>
    </message>
    <message>
        <source>the card&apos;s %1   </source>
        <translation>laut Datenblatt %1   </translation>
    </message>
    <message>
        <source>dots or letters, from the one first used in the running direction: A B C; - for none</source>
        <translation>Punkte oder Buchstaben, ab der zuerst benutzten in Drehrichtung: A B C; - für keine</translation>
    </message>
    <message>
        <source>beside the one first used, crank degrees, plus advances: -4 4; - for none</source>
        <translation>neben der zuerst benutzten, Grad Kurbelwelle, Plus stellt früher: -4 4; - für keine</translation>
    </message>
    <message>
        <source>Up, Down  choose  D drive  G goal  H history  W no marks%1  made … (or made 3.2)</source>
        <translation>Auf, Ab  wählen  D Antrieb  G Ziel  H Verlauf  W ohne Marken%1  made … (oder made 3.2)</translation>
    </message>
    <message>
        <source>How far was it really moved? Crank degrees, earlier positive, within half a turn of the cam.</source>
        <translation>Um wie viel wurde sie wirklich verstellt? Kurbelgrad, früher positiv, höchstens eine halbe Umdrehung der Nockenwelle.</translation>
    </message>
    <message>
        <source>, as it was made</source>
        <translation>, wie es gemacht wurde</translation>
    </message>
    <message>
        <source> (%1)</source>
        <translation> (%1)</translation>
    </message>
    <message>
        <source>TDC is proved. Enter once more logs %1 as the first contact of another pass; Esc lets it be.</source>
        <translation>Der OT ist bewiesen. Enter noch einmal nimmt %1 als ersten Kontakt eines weiteren Durchgangs auf; Esc lässt es.</translation>
    </message>
    <message>
        <source> That is the least of the angles pressed, at their edge: it may come nearer beyond.</source>
        <translation> Das ist das Kleinste der gedrückten Winkel, an deren Rand: jenseits kann es noch näher kommen.</translation>
    </message>
    <message>
        <source> or less</source>
        <translation> oder weniger</translation>
    </message>
    <message>
        <source>the centre</source>
        <translation>die Mitte</translation>
    </message>
    <message>
        <source>the opening</source>
        <translation>das Öffnen</translation>
    </message>
    <message>
        <source>the closing</source>
        <translation>das Schließen</translation>
    </message>
    <message>
        <source>%1: taken two ways, %2 comes out at %3 and at %4, and the two are known to %5. One of them is off: read the second way again before either is believed.</source>
        <translation>%1: auf zwei Wegen genommen, ergibt sich %2 zu %3 und zu %4, und beide zusammen sind auf %5 bekannt. Eines davon stimmt nicht: den zweiten Weg noch einmal lesen, bevor einem geglaubt wird.</translation>
    </message>
    <message>
        <source>%1: taken %2 ways, and they agree within %3.</source>
        <translation>%1: auf %2 Wegen genommen, sie stimmen auf %3 überein.</translation>
    </message>
    <message>
        <source>; exhaust cam </source>
        <translation>; Auslassnockenwelle </translation>
    </message>
    <message>
        <source>%1: a second lift apart from the main one, %2 high at %3, as a decompressor makes. At %4 it opens %5 and closes %6. All events here are the main lift&apos;s.</source>
        <translation>%1: ein zweiter Hub abseits des Haupthubs, %2 hoch bei %3, wie ihn ein Dekompressor macht. Bei %4 öffnet er %5 und schließt %6. Alle Steuerzeiten hier sind die des Haupthubs.</translation>
    </message>
    <message>
        <source>This wheel counts from the top: that number lies near TDC. As far %1 BDC it shows %2: type that, or the number with %3 behind it; with a or b it is taken from TDC.</source>
        <translation>Diese Scheibe zählt vom OT: diese Zahl liegt nahe am OT. So weit %1 UT zeigt sie %2: das tippen, oder die Zahl mit %3 dahinter; mit a oder b gilt sie vom OT.</translation>
    </message>
    <message>
        <source>Crank wheel: put it back on the keyway it was first on, which makes the cam %1.</source>
        <translation>Kurbelrad: zurück auf die Keilnut, auf der es zuerst saß; das stellt die Nockenwelle %1.</translation>
    </message>
    <message>
        <source>%1: fit the bush or key it had at first again; the cam comes %2.</source>
        <translation>%1: die zuerst benutzte Buchse oder den zuerst benutzten Keil wieder einsetzen; die Nockenwelle kommt %2.</translation>
    </message>
    <message>
        <source>%1: fit the offset bush or key worth %2 instead; the cam comes %3.</source>
        <translation>%1: stattdessen die Versatzbuchse oder den Versatzkeil von %2 einsetzen; die Nockenwelle kommt %3.</translation>
    </message>
    <message>
        <source>the first crank keyway</source>
        <translation>die erste Kurbelkeilnut</translation>
    </message>
    <message>
        <source>the first bush</source>
        <translation>die erste Buchse</translation>
    </message>
    <message>
        <source>: too little to be worth a spanner, so leave it.</source>
        <translation>: zu wenig, um einen Schlüssel anzusetzen; so lassen.</translation>
    </message>
    <message>
        <source>Read as the highest, TDC stands at %1° on the wheel, known to %2. Take the dwell&apos;s ends: the wheel where the indicator just begins to move, on either side; TDC is midway. Or prove it with a stop or an equal drop.</source>
        <translation>Als höchster Stand gelesen, liegt der OT bei %1° auf der Scheibe, bekannt auf %2. Die Enden des Stillstands nehmen: den Stand, bei dem sich die Messuhr auf jeder Seite gerade zu bewegen beginnt; der OT liegt in der Mitte. Oder mit einem Anschlag oder gleichem Abfall beweisen.</translation>
    </message>
    <message>
        <source>The dynamic ratio is not known yet: there is nothing to keep.</source>
        <translation>Die dynamische Verdichtung ist noch nicht bekannt: es gibt nichts aufzubewahren.</translation>
    </message>
    <message>
        <source>Static %1 : 1%2. The dynamic ratio waits for the intake&apos;s closing: record that lobe, or choose another way of calling it.</source>
        <translation>Statisch %1 : 1%2. Die dynamische wartet auf das Schließen des Einlasses: diesen Nocken messen, oder eine andere Art wählen, es zu bestimmen.</translation>
    </message>
    <message>
        <source> That is%1: the true ratio is lower. Go down and type them.</source>
        <translation> Das ist%1: die wahre ist niedriger. Nach unten gehen und sie eintippen.</translation>
    </message>
    <message>
        <source> (static %1)</source>
        <translation> (statisch %1)</translation>
    </message>
    <message>
        <source> without gasket and deck</source>
        <translation> ohne Dichtung und Deckhöhe</translation>
    </message>
    <message>
        <source> without the gasket</source>
        <translation> ohne die Dichtung</translation>
    </message>
    <message>
        <source> without the deck</source>
        <translation> ohne die Deckhöhe</translation>
    </message>
    <message>
        <source> If it was ground without advance, its intake centre is %1; with 2 degrees, %2; with 4, as many are, %3. Ask whoever ground it.</source>
        <translation> Wurde sie ohne Voreilung geschliffen, liegt die Einlassmitte bei %1; mit 2 Grad bei %2; mit 4, wie viele, bei %3. Den fragen, der sie geschliffen hat.</translation>
    </message>
    <message>
        <source>A tooth out, early, it %1: turn it over twice by hand after every fitting.</source>
        <translation>Einen Zahn zu früh, es %1: nach jedem Auflegen zweimal von Hand durchdrehen.</translation>
    </message>
    <message>
        <source>A tooth out, late, it %1: turn it over twice by hand after every fitting.</source>
        <translation>Einen Zahn zu spät, es %1: nach jedem Auflegen zweimal von Hand durchdrehen.</translation>
    </message>
    <message>
        <source>not moved as meant</source>
        <translation>nicht wie gemeint versetzt</translation>
    </message>
    <message>
        <source>void: press again</source>
        <translation>ungültig: neu drücken</translation>
    </message>
    <message>
        <source>Nothing is measured here; what is asked is typed.</source>
        <translation>Hier wird nichts gemessen; was gefragt ist, wird getippt.</translation>
    </message>
    <message>
        <source>A fact is asked: type it, or leave it with Esc.</source>
        <translation>Eine Angabe ist gefragt: tippen, oder mit Esc lassen.</translation>
    </message>
    <message>
        <source>Something else is asked: answer it, or leave it with Esc.</source>
        <translation>Etwas anderes ist gefragt: antworten, oder mit Esc lassen.</translation>
    </message>
    <message>
        <source>%1 is no clearance of a valve. Is the dial&apos;s zero right?</source>
        <translation>%1 ist kein Freigang eines Ventils. Stimmt die Null der Uhr?</translation>
    </message>
    <message>
        <source>The indicator&apos;s lift is asked now: that is an angle.</source>
        <translation>Jetzt ist der Hub der Messuhr gefragt: das ist ein Winkel.</translation>
    </message>
    <message>
        <source>An event is where the wheel stands: that is a lift.</source>
        <translation>Ein Steuerpunkt ist, wo die Scheibe steht: das ist ein Hub.</translation>
    </message>
    <message>
        <source>No lobe lifts that far.</source>
        <translation>So weit hebt kein Nocken.</translation>
    </message>
    <message>
        <source>A contact is where the wheel stands: that is a length.</source>
        <translation>Ein Anschlag ist, wo die Scheibe steht: das ist eine Länge.</translation>
    </message>
    <message>
        <source>TDC is proved: a number typed begins another pass.</source>
        <translation>Der OT ist bewiesen: eine getippte Zahl beginnt einen weiteren Durchgang.</translation>
    </message>
    <message>
        <source>Volumes, and where the intake is taken to close</source>
        <translation>Volumen, und wo der Einlass als geschlossen gilt</translation>
    </message>
    <message>
        <source>that is </source>
        <translation>das ist </translation>
    </message>
    <message numerus="yes">
        <source>, and %n struck, with the reason kept</source>
        <translation>
            <numerusform>, und 1 gestrichen, mit seinem Grund</numerusform>
            <numerusform>, und %n gestrichen, mit ihrem Grund</numerusform>
        </translation>
    </message>
    <message>
        <source>The exhaust valve is shut %1 before the intake valve opens: they are never open together, which makes for a calm idle.</source>
        <translation>Das Auslassventil ist %1 zu, ehe das Einlassventil öffnet: Sie stehen nie zugleich offen, was ruhigen Leerlauf gibt.</translation>
    </message>
    <message>
        <source>The camshaft stands neither early nor late: both lobes lie alike about the top. An earlier camshaft pulls better from low speed, a later one revs higher.</source>
        <translation>Die Nockenwelle steht weder früh noch spät: Beide Nocken liegen gleich weit vom OT. Früher gestellt zieht sie unten besser, später gestellt dreht sie höher.</translation>
    </message>
    <message>
        <source>Lift until the retainer meets the seal</source>
        <translation>Hub, bis der Teller auf die Dichtung kommt</translation>
    </message>
    <message>
        <source>Pressed at an angle of</source>
        <translation>Gedrückt unter einem Winkel von</translation>
    </message>
    <message>
        <source>Presses at each angle</source>
        <translation>Messungen je Winkel</translation>
    </message>
    <message>
        <source>that must agree; 1 is enough if you say so</source>
        <translation>die übereinstimmen müssen; 1 genügt, wenn Sie es sagen</translation>
    </message>
    <message>
        <source>The intake closes %1 after BDC%2: from there the piston compresses %3 : 1.%4</source>
        <translation>Der Einlass schließt %1 nach UT%2: Von dort verdichtet der Kolben %3 : 1.%4</translation>
    </message>
    <message numerus="yes">
        <source>log; settled by %n readings that agree</source>
        <translation>
            <numerusform>aufnehmen</numerusform>
            <numerusform>aufnehmen; %n übereinstimmende Ablesungen genügen</numerusform>
        </translation>
    </message>
    <message>
        <source>one or more, with a space between; - for the card&apos;s</source>
        <translation>eine oder mehrere, mit Leerzeichen dazwischen; - für die des Datenblatts</translation>
    </message>
    <message>
        <source>write what down?</source>
        <translation>was soll aufgeschrieben werden?</translation>
    </message>
    <message>
        <source>write it down</source>
        <translation>aufschreiben</translation>
    </message>
    <message>
        <source>save the sheet, or print it?</source>
        <translation>das Blatt speichern oder drucken?</translation>
    </message>
    <message>
        <source>page</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>proved</source>
        <translation>bewiesen</translation>
    </message>
    <message>
        <source>go on to %1?</source>
        <translation>weiter zu %1?</translation>
    </message>
    <message>
        <source>
This pass alone knows TDC within ±%1.</source>
        <translation>
Dieser Durchgang allein kennt OT auf ±%1.</translation>
    </message>
    <message>
        <source>%1 is half the duration, not the %2: less the opening it is %3.</source>
        <translation>%1 ist die halbe Öffnungsdauer, nicht %2: um die Öffnung vermindert sind es %3.</translation>
    </message>
    <message>
        <source>From character %1 on that is no number. A number is digits, with a point or a comma.</source>
        <translation>Ab Zeichen %1 ist das keine Zahl. Eine Zahl besteht aus Ziffern, mit Punkt oder Komma.</translation>
    </message>
    <message>
        <source>That is less than %1; check the decimal point.</source>
        <translation>Das ist weniger als %1; das Komma prüfen.</translation>
    </message>
    <message>
        <source>slots %1 lines earlier</source>
        <translation>Langlöcher %1 Striche früher</translation>
    </message>
    <message>
        <source>slots %1 lines later</source>
        <translation>Langlöcher %1 Striche später</translation>
    </message>
    <message>
        <source>slots %1 earlier</source>
        <translation>Langlöcher %1 früher</translation>
    </message>
    <message>
        <source>slots %1 later</source>
        <translation>Langlöcher %1 später</translation>
    </message>
    <message>
        <source>The cam stands where it should</source>
        <translation>Die Nockenwelle steht, wo sie soll</translation>
    </message>
    <message>
        <source>TDC is proved: two passes came out alike.</source>
        <translation>OT ist bewiesen: Zwei Durchgänge kamen gleich heraus.</translation>
    </message>
    <message>
        <source>TDC is proved: two passes agree within %1.</source>
        <translation>OT ist bewiesen: Zwei Durchgänge stimmen auf %1 überein.</translation>
    </message>
    <message>
        <source>At %1 % the window would have no room on this screen.</source>
        <translation>Bei %1 % hätte das Fenster auf diesem Bildschirm keinen Platz.</translation>
    </message>
    <message>
        <source>the line is cleared; once more takes back: %1</source>
        <translation>die Zeile ist geleert; noch einmal nimmt zurück: %1</translation>
    </message>
    <message>
        <source>the line is cleared</source>
        <translation>die Zeile ist geleert</translation>
    </message>
    <message>
        <source>Full screen</source>
        <translation>Ganzer Bildschirm</translation>
    </message>
    <message>
        <source>Everything larger</source>
        <translation>Alles größer</translation>
    </message>
    <message>
        <source>Everything smaller</source>
        <translation>Alles kleiner</translation>
    </message>
    <message>
        <source>The usual size</source>
        <translation>Gewöhnliche Größe</translation>
    </message>
    <message>
        <source>%1, now: %2</source>
        <translation>%1, jetzt: %2</translation>
    </message>
    <message>
        <source>%1 at %2 is hardly a lift: is it the wheel&apos;s number? For the events alone type events; Enter once more logs it as the lift.</source>
        <translation>%1 bei %2 ist kaum ein Hub: Ist es die Zahl der Scheibe? Für die Steuerzeiten allein events tippen; noch einmal Enter nimmt es als Hub auf.</translation>
    </message>
    <message>
        <source>“%1” is no word for how a lobe is taken: valve, tappet, light, running, curve, events, centre, once, both, each, repeat 3, step 2, wheel 360.</source>
        <translation>„%1“ sagt nicht, wie ein Nocken aufgenommen wird: valve, tappet, light, running, curve, events, centre, once, both, each, repeat 3, step 2, wheel 360.</translation>
    </message>
    <message>
        <source>A wheel is 360, against, 180, 90, signed, twice or tape.</source>
        <translation>Eine Scheibe ist 360, against, 180, 90, signed, twice oder tape.</translation>
    </message>
    <message>
        <source>Events are taken in one turn: say events too.</source>
        <translation>In einer Umdrehung werden Steuerzeiten aufgenommen: auch events sagen.</translation>
    </message>
    <message>
        <source>A number from %1 to %2.</source>
        <translation>Eine Zahl von %1 bis %2.</translation>
    </message>
    <message>
        <source>the curve every %1</source>
        <translation>die Kurve alle %1</translation>
    </message>
    <message>
        <source>the centre by two readings</source>
        <translation>die Mitte aus zwei Ablesungen</translation>
    </message>
    <message>
        <source>the centre by two readings %1 under the nose</source>
        <translation>die Mitte aus zwei Ablesungen %1 unter der Spitze</translation>
    </message>
    <message>
        <source>events at the card&apos;s height</source>
        <translation>Steuerzeiten bei der Höhe des Datenblatts</translation>
    </message>
    <message>
        <source>events at %1</source>
        <translation>Steuerzeiten bei %1</translation>
    </message>
    <message>
        <source>both valves in one turn</source>
        <translation>beide Ventile in einer Umdrehung</translation>
    </message>
    <message>
        <source>in one turn</source>
        <translation>in einer Umdrehung</translation>
    </message>
    <message>
        <source>each once</source>
        <translation>jede einmal</translation>
    </message>
    <message>
        <source>each until %1 agree</source>
        <translation>jede, bis %1 übereinstimmen</translation>
    </message>
    <message>
        <source>the wheel as for cylinder 1</source>
        <translation>die Scheibe wie für Zylinder 1</translation>
    </message>
    <message>
        <source>leave it</source>
        <translation>so lassen</translation>
    </message>
    <message>
        <source>another way: stop, drop 3, there and back, port, highest   wheel: %1; wheel 360 for another</source>
        <translation>anders: stop, drop 3, there and back, port, highest   Scheibe: %1; wheel 360 für eine andere</translation>
    </message>
    <message>
        <source>by </source>
        <translation>mit </translation>
    </message>
    <message>
        <source>the wheel: </source>
        <translation>die Scheibe: </translation>
    </message>
    <message>
        <source>intake gap</source>
        <translation>Einlass frei</translation>
    </message>
    <message>
        <source>exhaust gap</source>
        <translation>Auslass frei</translation>
    </message>
    <message>
        <source>A gasket bore of %1 is under the engine&apos;s bore, %2: it would stand in the cylinder. Is it another gasket, or the bore at Engine?</source>
        <translation>Eine Dichtungsbohrung von %1 liegt unter der Bohrung des Motors, %2: Sie stünde in den Zylinder. Ist es eine andere Dichtung, oder die Bohrung bei Motor?</translation>
    </message>
    <message>
        <source>; seen from where the crank drives the cam, not from the flywheel</source>
        <translation>; von dort gesehen, wo die Kurbel die Nockenwelle treibt, nicht vom Schwungrad</translation>
    </message>
    <message>
        <source>intake %1 / %2, exhaust %3 / %4</source>
        <translation>Einlass %1 / %2, Auslass %3 / %4</translation>
    </message>
    <message>
        <source>Turn %1, seen from the drive end, and come up to each mark from below.</source>
        <translation>%1 drehen, von der Antriebsseite gesehen, und jede Marke von unten anfahren.</translation>
    </message>
    <message>
        <source>two cams, overhead or in the block</source>
        <translation>zwei Nockenwellen, obenliegend oder im Block</translation>
    </message>
    <message>
        <source>Section through valve and piston</source>
        <translation>Schnitt durch Ventil und Kolben</translation>
    </message>
    <message>
        <source>What changes every number</source>
        <translation>Was jede Zahl ändert</translation>
    </message>
    <message>
        <source>card of %1, not fitted</source>
        <translation>Datenblatt von %1, nicht eingebaut</translation>
    </message>
    <message>
        <source>The card of %1 is at hand and not fitted: Ctrl+Shift+K fits it, Compare sets it beside the others.</source>
        <translation>Das Datenblatt von %1 liegt vor, die Welle ist nicht eingebaut: Strg+Umschalt+K baut sie ein, Vergleichen stellt sie neben die anderen.</translation>
    </message>
    <message>
        <source>the card</source>
        <translation>das Datenblatt</translation>
    </message>
    <message>
        <source>intake opens BTDC</source>
        <translation>Einlass öffnet v. OT</translation>
    </message>
    <message>
        <source>closes ABDC</source>
        <translation>schließt n. UT</translation>
    </message>
    <message>
        <source>exhaust opens BBDC</source>
        <translation>Auslass öffnet v. UT</translation>
    </message>
    <message>
        <source>closes ATDC</source>
        <translation>schließt n. OT</translation>
    </message>
    <message>
        <source>What it comes to</source>
        <translation>Worauf es hinausläuft</translation>
    </message>
    <message>
        <source>Bore and stroke</source>
        <translation>Bohrung und Hub</translation>
    </message>
    <message>
        <source>Its events at</source>
        <translation>Ihre Steuerzeiten bei</translation>
    </message>
    <message>
        <source>Its centres, intake and exhaust</source>
        <translation>Ihre Mitten, Einlass und Auslass</translation>
    </message>
    <message>
        <source>Its lifts, intake and exhaust</source>
        <translation>Ihre Hübe, Einlass und Auslass</translation>
    </message>
    <message>
        <source>none came with it</source>
        <translation>es lag keine bei</translation>
    </message>
    <message>
        <source>Figures of cylinder %1</source>
        <translation>Werte von Zylinder %1</translation>
    </message>
    <message>
        <source>Every figure</source>
        <translation>Jeder Wert</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>Änderung %1</translation>
    </message>
    <message>
        <source>%1 after BDC</source>
        <translation>%1 nach UT</translation>
    </message>
    <message>
        <source> (within)</source>
        <translation> (darunter)</translation>
    </message>
    <message>
        <source>Limits set for the dynamic ratio</source>
        <translation>Grenzen der dynamischen Verdichtung</translation>
    </message>
    <message>
        <source>Written</source>
        <translation>Aufgeschrieben</translation>
    </message>
    <message>
        <source>Decided</source>
        <translation>Entschieden</translation>
    </message>
    <message>
        <source>what it comes to</source>
        <translation>worauf es hinausläuft</translation>
    </message>
    <message>
        <source>every figure</source>
        <translation>jeder Wert</translation>
    </message>
    <message>
        <source>Appendix</source>
        <translation>Anhang</translation>
    </message>
    <message>
        <source>printed %1 by Amber Lobe</source>
        <translation>gedruckt am %1 von Amber Lobe</translation>
    </message>
    <message>
        <source>; the curve has %1 at the tappet, %2 at the valve there</source>
        <translation>; die Kurve hat dort %1 am Stößel, %2 am Ventil</translation>
    </message>
    <message>
        <source>at the valve, less lash</source>
        <translation>am Ventil, ohne Spiel</translation>
    </message>
    <message>
        <source>The top of the curve times the rocker ratio (%1), less the lash.</source>
        <translation>Die Spitze der Kurve mal dem Hebelverhältnis (%1), ohne das Spiel.</translation>
    </message>
    <message>
        <source>map,  one angle,  tightest,  clay</source>
        <translation>messreihe,  ein winkel,  engste,  knetmasse</translation>
    </message>
    <message>
        <source>the way of measuring</source>
        <translation>die Art zu messen</translation>
    </message>
    <message>
        <source>curve,  events 0.15 1.27 once,  centre</source>
        <translation>kurve,  steuerpunkte 0,15 1,27 einmal,  mitte</translation>
    </message>
    <message>
        <source>how the lobe is taken; it holds for the next lobe too</source>
        <translation>wie der Nocken aufgenommen wird; gilt auch für den nächsten</translation>
    </message>
    <message>
        <source>valve light,  each,  repeat 3,  lash 0.3</source>
        <translation>ventil leicht,  jede,  wiederholt 3,  spiel 0,3</translation>
    </message>
    <message>
        <source>where and how, in any order and with the above</source>
        <translation>wo und wie, in jeder Folge und mit dem Obigen</translation>
    </message>
    <message>
        <source>the other lobe, Timing, another pass</source>
        <translation>der andere Nocken, Steuerzeiten, noch ein Durchgang</translation>
    </message>
    <message>
        <source>stop,  drop 3,  there and back,  port,  highest</source>
        <translation>anschlag,  absenkung 3,  hin und her,  kanal,  höchste</translation>
    </message>
    <message>
        <source>how TDC is found</source>
        <translation>wie OT gefunden wird</translation>
    </message>
    <message>
        <source>wheel 360</source>
        <translation>scheibe 360</translation>
    </message>
    <message>
        <source>the wheel that is fitted: 360, against, 180, 90, signed, twice, tape</source>
        <translation>die Scheibe, die sitzt: 360, against, 180, 90, signed, twice, tape</translation>
    </message>
    <message>
        <source>no nose</source>
        <translation>ohne Spitze</translation>
    </message>
    <message>
        <source>What does the chamber hold? Its volume in cc is asked for.</source>
        <translation>Was fasst der Brennraum? Nach seinem Volumen in cm³ wird gefragt.</translation>
    </message>
    <message>
        <source>the event read last stands on the other side of its dead centre</source>
        <translation>das zuletzt gelesene Ereignis steht auf der anderen Seite seines Totpunkts</translation>
    </message>
    <message>
        <source>exchange intake and exhaust of this cylinder</source>
        <translation>Einlass und Auslass dieses Zylinders tauschen</translation>
    </message>
    <message>
        <source>%1: the lobe centre falls at %2°, where the other lobe sits. Were intake and exhaust exchanged? E exchanges them.</source>
        <translation>%1: Die Nockenmitte liegt bei %2°, wo der andere Nocken sitzt. Wurden Einlass und Auslass vertauscht? E tauscht sie.</translation>
    </message>
    <message>
        <source>%1 is no lift: is it the wheel&apos;s number? For the events alone type events first; for a lift at that angle %1a or %1b and the lift.</source>
        <translation>%1 ist kein Hub: Ist es die Zahl der Scheibe? Für die Steuerzeiten allein zuerst events tippen; für einen Hub bei diesem Winkel %1a oder %1b und den Hub.</translation>
    </message>
    <message>
        <source>   Esc  the fitted card</source>
        <translation>   Esc  das Datenblatt der eingebauten</translation>
    </message>
    <message numerus="yes">
        <source>; holds for the %n readings of this run too</source>
        <translation>
            <numerusform>; gilt auch für den %n Messwert dieser Reihe</numerusform>
            <numerusform>; gilt auch für die %n Messwerte dieser Reihe</numerusform>
        </translation>
    </message>
    <message>
        <source>it moved</source>
        <translation>in Bewegung</translation>
    </message>
    <message>
        <source>trembling dial</source>
        <translation>zitternde Messuhr</translation>
    </message>
    <message>
        <source>coarse dial</source>
        <translation>grobe Messuhr</translation>
    </message>
    <message>
        <source>play in the coupling</source>
        <translation>Spiel in der Kupplung</translation>
    </message>
    <message>
        <source>slack chain</source>
        <translation>lose Kette</translation>
    </message>
    <message>
        <source>slipping base</source>
        <translation>rutschender Fuß</translation>
    </message>
    <message>
        <source>hanging follower</source>
        <translation>hängender Stößel</translation>
    </message>
    <message>
        <source>dial begins anew</source>
        <translation>Messuhr beginnt von vorn</translation>
    </message>
    <message>
        <source>coupling slipped</source>
        <translation>Kupplung verrutscht</translation>
    </message>
    <message>
        <source>counts backwards</source>
        <translation>zählt rückwärts</translation>
    </message>
    <message>
        <source>lost packets</source>
        <translation>verlorene Pakete</translation>
    </message>
    <message>
        <source>damaged packets</source>
        <translation>beschädigte Pakete</translation>
    </message>
    <message>
        <source>a second of silence</source>
        <translation>eine Sekunde Stille</translation>
    </message>
    <message>
        <source>dial unplugged</source>
        <translation>Messuhr ausgesteckt</translation>
    </message>
    <message>
        <source>somebody turns it as it is asked</source>
        <translation>jemand dreht, wie es verlangt wird</translation>
    </message>
    <message>
        <source>Simulated bench</source>
        <translation>Nachgebildeter Stand</translation>
    </message>
    <message>
        <source>Turn the crank</source>
        <translation>Kurbelwelle drehen</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>drehen</translation>
    </message>
    <message>
        <source>&amp;Stop</source>
        <translation>&amp;Halt</translation>
    </message>
    <message>
        <source>the dial is set on</source>
        <translation>die Messuhr steht auf</translation>
    </message>
    <message>
        <source>piston</source>
        <translation>Kolben</translation>
    </message>
    <message>
        <source>&amp;Press the valve down</source>
        <translation>Ventil &amp;niederdrücken</translation>
    </message>
    <message>
        <source>the crank truly stands at %1°, and turns %2° a second</source>
        <translation>die Kurbelwelle steht wirklich bei %1° und dreht %2° in der Sekunde</translation>
    </message>
    <message>
        <source>%1: readings taken together</source>
        <translation>%1: Messwerte eines Durchgangs</translation>
    </message>
    <message>
        <source>lift, at the lobe at hand</source>
        <translation>Hub, am Nocken, der dran ist</translation>
    </message>
    <message>
        <source>lift, always at the intake</source>
        <translation>Hub, immer am Einlass</translation>
    </message>
    <message>
        <source>lift, always at the exhaust</source>
        <translation>Hub, immer am Auslass</translation>
    </message>
    <message>
        <source>piston, in the plug hole</source>
        <translation>Kolben, im Kerzenloch</translation>
    </message>
    <message>
        <source>angle of the crank</source>
        <translation>Winkel der Kurbelwelle</translation>
    </message>
    <message>
        <source>take it: a pedal, a key</source>
        <translation>Übernehmen: Pedal, Taste</translation>
    </message>
    <message>
        <source>a line of text with a number</source>
        <translation>eine Textzeile mit einer Zahl</translation>
    </message>
    <message>
        <source>packets of digits</source>
        <translation>Pakete aus Ziffern</translation>
    </message>
    <message>
        <source>the count of an encoder</source>
        <translation>den Zählerstand eines Drehgebers</translation>
    </message>
    <message>
        <source>anything: it was pressed</source>
        <translation>irgendetwas: es wurde gedrückt</translation>
    </message>
    <message>
        <source>as it says itself</source>
        <translation>wie es selbst sagt</translation>
    </message>
    <message>
        <source>millimetres</source>
        <translation>Millimeter</translation>
    </message>
    <message>
        <source>pressed</source>
        <translation>gedrückt</translation>
    </message>
    <message>
        <source>Instruments</source>
        <translation>Messgeräte</translation>
    </message>
    <message>
        <source>An indicator or an encoder with a data plug is read here, and what it says is taken where it is asked: Enter, or its own button, takes what stands still; with an encoder a lobe takes itself as it is turned by.

Without one, everything is typed, as ever. The simulated bench shows how it is.</source>
        <translation>Eine Messuhr oder ein Drehgeber mit Datenstecker wird hier gelesen, und was sie sagen, wird dort genommen, wo danach gefragt ist: Enter oder der eigene Knopf übernimmt, was still steht; mit einem Drehgeber nimmt sich ein Nocken beim Durchdrehen selbst auf.

Ohne wird alles getippt wie immer. Der nachgebildete Stand zeigt, wie es ist.</translation>
    </message>
    <message>
        <source>Serial port</source>
        <translation>Serieller Anschluss</translation>
    </message>
    <message>
        <source>&amp;Connect this port</source>
        <translation>Diesen Anschluss &amp;verbinden</translation>
    </message>
    <message>
        <source>A pipe or device…</source>
        <translation>Pipe oder Gerätedatei…</translation>
    </message>
    <message>
        <source>A pipe or device</source>
        <translation>Pipe oder Gerätedatei</translation>
    </message>
    <message>
        <source>A recorded stream…</source>
        <translation>Aufgezeichneter Strom…</translation>
    </message>
    <message>
        <source>A recorded stream</source>
        <translation>Aufgezeichneter Strom</translation>
    </message>
    <message>
        <source>Streams (*.stream);;All files (*)</source>
        <translation>Ströme (*.stream);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>&amp;Simulated bench</source>
        <translation>Nachgebildeter &amp;Stand</translation>
    </message>
    <message>
        <source>&amp;Keep what is said</source>
        <translation>Auf&amp;zeichnen</translation>
    </message>
    <message>
        <source>&amp;Unplug</source>
        <translation>A&amp;usstecken</translation>
    </message>
    <message>
        <source>Its &amp;zero is here</source>
        <translation>Seine Nu&amp;ll ist hier</translation>
    </message>
    <message>
        <source>it says</source>
        <translation>es sagt</translation>
    </message>
    <message>
        <source>understood</source>
        <translation>verstanden</translation>
    </message>
    <message>
        <source>called</source>
        <translation>heißt</translation>
    </message>
    <message>
        <source>fitted to</source>
        <translation>sitzt an</translation>
    </message>
    <message>
        <source>speaks</source>
        <translation>spricht</translation>
    </message>
    <message>
        <source>its unit</source>
        <translation>seine Einheit</translation>
    </message>
    <message>
        <source>a line ends with</source>
        <translation>eine Zeile endet mit</translation>
    </message>
    <message>
        <source>a new line</source>
        <translation>Zeilenvorschub</translation>
    </message>
    <message>
        <source>a return</source>
        <translation>Wagenrücklauf</translation>
    </message>
    <message>
        <source>its number is the … in the line</source>
        <translation>seine Zahl ist die wievielte der Zeile</translation>
    </message>
    <message>
        <source>its index mark is the …</source>
        <translation>seine Indexmarke ist die wievielte</translation>
    </message>
    <message>
        <source>counts in a turn of the crank</source>
        <translation>Schritte je Kurbelumdrehung</translation>
    </message>
    <message>
        <source>counts backwards as the engine runs</source>
        <translation>zählt rückwärts, wenn der Motor läuft</translation>
    </message>
    <message>
        <source>what it says is taken the other way round</source>
        <translation>mit umgekehrtem Vorzeichen nehmen</translation>
    </message>
    <message>
        <source>speed, baud</source>
        <translation>Geschwindigkeit, Baud</translation>
    </message>
    <message>
        <source>bits, parity, stop</source>
        <translation>Bits, Parität, Stopp</translation>
    </message>
    <message>
        <source>no serial port is there</source>
        <translation>kein serieller Anschluss da</translation>
    </message>
    <message>
        <source>%1 a second</source>
        <translation>%1 in der Sekunde</translation>
    </message>
    <message>
        <source>not there</source>
        <translation>nicht da</translation>
    </message>
    <message>
        <source>makes no sense</source>
        <translation>unverständlich</translation>
    </message>
    <message>
        <source>silent</source>
        <translation>still</translation>
    </message>
    <message>
        <source>said nothing yet</source>
        <translation>noch nichts gesagt</translation>
    </message>
    <message>
        <source>No longer &amp;keep it</source>
        <translation>Nicht mehr auf&amp;zeichnen</translation>
    </message>
    <message>
        <source>What the instruments say is kept in %1.</source>
        <translation>Was die Messgeräte sagen, wird in %1 aufgezeichnet.</translation>
    </message>
    <message>
        <source>kept on this machine; Esc closes</source>
        <translation>gilt für diesen Rechner; Esc schließt</translation>
    </message>
    <message>
        <source>again</source>
        <translation>noch einmal</translation>
    </message>
    <message>
        <source>Read out what is asked, at the stand</source>
        <translation>Am Stand vorlesen, was gefragt ist</translation>
    </message>
    <message>
        <source>%1 is plugged in at no place that is known here.</source>
        <translation>%1 steckt an einer Stelle, die hier nicht bekannt ist.</translation>
    </message>
    <message>
        <source>%1 is connected and has said nothing yet.</source>
        <translation>%1 ist verbunden und hat noch nichts gesagt.</translation>
    </message>
    <message>
        <source>%1 says nothing any more: is it switched on? What is typed counts all the same.</source>
        <translation>%1 sagt nichts mehr: Ist es eingeschaltet? Getippt wird weiter wie immer.</translation>
    </message>
    <message>
        <source>What %1 says arrives damaged: look after plug and cable.</source>
        <translation>Was %1 sagt, kommt beschädigt an: Stecker und Kabel prüfen.</translation>
    </message>
    <message>
        <source>What %1 says makes no sense here: is it the right way of speaking, and the right speed?</source>
        <translation>Was %1 sagt, ergibt hier keinen Sinn: Stimmen Sprechweise und Geschwindigkeit?</translation>
    </message>
    <message>
        <source>No instrument is connected.</source>
        <translation>Kein Messgerät ist verbunden.</translation>
    </message>
    <message>
        <source>%1 cannot be written, or is there already.</source>
        <translation>%1 kann nicht geschrieben werden oder ist schon da.</translation>
    </message>
    <message>
        <source>No right to read %1: whoever is in the group %2 may. Join it (sudo usermod -aG %2 $USER), and log in again.</source>
        <translation>Kein Recht, %1 zu lesen: Das darf, wer in der Gruppe %2 ist. Beitreten (sudo usermod -aG %2 $USER) und neu anmelden.</translation>
    </message>
    <message>
        <source>%1 is unplugged.</source>
        <translation>%1 ist ausgesteckt.</translation>
    </message>
    <message>
        <source>There is no port %1.</source>
        <translation>Einen Anschluss %1 gibt es nicht.</translation>
    </message>
    <message>
        <source>%1 cannot be opened: %2.</source>
        <translation>%1 kann nicht geöffnet werden: %2.</translation>
    </message>
    <message>
        <source>%1 is in use by another program. Close that, and it goes on.</source>
        <translation>%1 ist von einem anderen Programm belegt. Wird es geschlossen, geht es weiter.</translation>
    </message>
    <message>
        <source>%1 is a file, and no port. A recorded stream is played as such.</source>
        <translation>%1 ist eine Datei und kein Anschluss. Ein aufgezeichneter Strom wird als solcher abgespielt.</translation>
    </message>
    <message>
        <source>The recorded stream is at its end.</source>
        <translation>Der aufgezeichnete Strom ist zu Ende.</translation>
    </message>
    <message>
        <source>There is no pseudo-terminal to be had: %1.</source>
        <translation>Es ist kein Pseudoterminal zu haben: %1.</translation>
    </message>
    <message>
        <source>%1 cannot be made: is it there already?</source>
        <translation>%1 kann nicht angelegt werden: Ist es schon da?</translation>
    </message>
    <message>
        <source>simulated dial</source>
        <translation>nachgebildete Messuhr</translation>
    </message>
    <message>
        <source>simulated second dial</source>
        <translation>nachgebildete zweite Messuhr</translation>
    </message>
    <message>
        <source>simulated encoder</source>
        <translation>nachgebildeter Drehgeber</translation>
    </message>
    <message>
        <source>%1 is no recorded stream: there is no such file.</source>
        <translation>%1 ist kein aufgezeichneter Strom: Eine solche Datei gibt es nicht.</translation>
    </message>
    <message>
        <source>%1 is longer than any stream.</source>
        <translation>%1 ist länger als jeder Strom.</translation>
    </message>
    <message>
        <source>%1 cannot be read: %2.</source>
        <translation>%1 kann nicht gelesen werden: %2.</translation>
    </message>
    <message>
        <source>%1 is no recorded stream: its first line says another thing.</source>
        <translation>%1 ist kein aufgezeichneter Strom: Die erste Zeile sagt etwas anderes.</translation>
    </message>
    <message>
        <source>%1, line %2: that is no line of a stream.</source>
        <translation>%1, Zeile %2: Das ist keine Zeile eines Stroms.</translation>
    </message>
    <message>
        <source>%1 does not say which instruments it was recorded from.</source>
        <translation>%1 sagt nicht, von welchen Messgeräten aufgezeichnet wurde.</translation>
    </message>
    <message>
        <source>going back: left out until it is past where it was</source>
        <translation>rückwärts: ausgelassen, bis es weiter ist als zuvor</translation>
    </message>
    <message>
        <source>turn on forward: the lobe takes itself</source>
        <translation>vorwärts weiterdrehen: Der Nocken nimmt sich selbst auf</translation>
    </message>
    <message>
        <source>turn on forward: the event takes itself</source>
        <translation>vorwärts weiterdrehen: Das Ereignis nimmt sich selbst auf</translation>
    </message>
    <message>
        <source>turn once over the top: both flanks are taken</source>
        <translation>einmal über den oberen Totpunkt drehen: Beide Flanken werden genommen</translation>
    </message>
    <message>
        <source>hold it still: it is taken by itself</source>
        <translation>still halten: Es wird von selbst genommen</translation>
    </message>
    <message>
        <source>taken as soon as it stands still; Enter once more: as it moves</source>
        <translation>wird genommen, sobald es still steht; noch einmal Enter: in Bewegung</translation>
    </message>
    <message>
        <source>%1 counts %2 from one index mark to the next, and not %3: its counts of a turn are said wrong at Instruments.</source>
        <translation>%1 zählt %2 von einer Indexmarke zur nächsten und nicht %3: Die Schritte je Umdrehung stimmen bei den Messgeräten nicht.</translation>
    </message>
    <message>
        <source>%1 counts backwards. Turn the crank the way the engine runs; if you do, say at Instruments that it counts the other way.</source>
        <translation>%1 zählt rückwärts. In Laufrichtung des Motors drehen; ist das so, bei den Messgeräten sagen, dass andersherum gezählt wird.</translation>
    </message>
    <message>
        <source>%1 says %2 now and said %3 before. Nothing takes itself until Enter says that is meant.</source>
        <translation>%1 sagt jetzt %2 und sagte vorher %3. Nichts nimmt sich selbst auf, bis Enter sagt, dass es so gemeint ist.</translation>
    </message>
    <message>
        <source>TDC by both flanks, ±%1°</source>
        <translation>OT aus beiden Flanken, ±%1°</translation>
    </message>
    <message>
        <source>%1 jumped by %2 mm within a degree: did its needle begin anew, or was it knocked? Go back to the base circle and take this lobe again.</source>
        <translation>%1 ist innerhalb eines Grads um %2 mm gesprungen: Hat der Zeiger von vorn begonnen, oder wurde angestoßen? Zurück auf den Grundkreis und den Nocken noch einmal aufnehmen.</translation>
    </message>
    <message>
        <source>The dial stands on the valve that is taken already: set it on the next, on its base circle, and turn on.</source>
        <translation>Die Messuhr steht auf dem Ventil, das schon aufgenommen ist: auf das nächste setzen, auf dem Grundkreis, und weiterdrehen.</translation>
    </message>
    <message>
        <source>Begin on the base circle: turn on until the needle stands, and go on from there.</source>
        <translation>Auf dem Grundkreis beginnen: weiterdrehen, bis der Zeiger steht, und von dort aus weiter.</translation>
    </message>
    <message>
        <source>nearest  %1  %2, typed %3</source>
        <translation>am nächsten  %1  %2, getippt %3</translation>
    </message>
    <message>
        <source>nearest  %1  %2, %3 said %4%5</source>
        <translation>am nächsten  %1  %2, %3 sagte %4%5</translation>
    </message>
    <message>
        <source>, as it moved</source>
        <translation>, in Bewegung</translation>
    </message>
    <message>
        <source>after top dead centre</source>
        <translation>nach dem oberen Totpunkt</translation>
    </message>
    <message>
        <source>before top dead centre</source>
        <translation>vor dem oberen Totpunkt</translation>
    </message>
    <message>
        <source>after bottom dead centre</source>
        <translation>nach dem unteren Totpunkt</translation>
    </message>
    <message>
        <source>before bottom dead centre</source>
        <translation>vor dem unteren Totpunkt</translation>
    </message>
    <message>
        <source>top dead centre</source>
        <translation>oberer Totpunkt</translation>
    </message>
    <message>
        <source>bottom dead centre</source>
        <translation>unterer Totpunkt</translation>
    </message>
    <message>
        <source>minus</source>
        <translation>minus</translation>
    </message>
    <message>
        <source>plus or minus</source>
        <translation>plus oder minus</translation>
    </message>
    <message>
        <source>damaged</source>
        <translation>beschädigt</translation>
    </message>
    <message>
        <source>Some of what %1 says arrives damaged: look after plug and cable. What arrives whole counts.</source>
        <translation>Manches von dem, was %1 sagt, kommt beschädigt an: Stecker und Kabel prüfen. Was heil ankommt, zählt.</translation>
    </message>
    <message>
        <source>%1 jumped by %2° at once: did its coupling slip? Find TDC again before what comes is believed.</source>
        <translation>%1 ist auf einmal um %2° gesprungen: Ist die Kupplung verrutscht? Den OT neu suchen, bevor geglaubt wird, was kommt.</translation>
    </message>
    <message>
        <source>%1 does not come to rest: it trembles by some hundredths. Enter twice takes it as it is; the mean of many is taken in passing.</source>
        <translation>%1 kommt nicht zur Ruhe und zittert um einige Hundertstel. Zweimal Enter nimmt sie, wie sie ist; beim Durchdrehen wird aus vielen gemittelt.</translation>
    </message>
    <message>
        <source>%1 shows steps of %2 mm and no finer: no event is better than that.</source>
        <translation>%1 zeigt Schritte von %2 mm und nicht feiner: Genauer wird kein Ereignis.</translation>
    </message>
    <message>
        <source>Behind the lobe the base circle stands %1 mm off what it was before it: did the dial&apos;s base slip, or does the follower hang? Take it again.</source>
        <translation>Hinter dem Nocken steht der Grundkreis %1 mm anders als davor: Ist der Fuß der Messuhr verrutscht, oder hängt der Stößel? Noch einmal aufnehmen.</translation>
    </message>
    <message>
        <source>&amp;what goes wrong</source>
        <translation>&amp;was schiefgeht</translation>
    </message>
    <message>
        <source>the encoder&apos;s zero is put where TDC is: both once more prove it</source>
        <translation>die Null des Drehgebers steht jetzt am OT: beide noch einmal beweisen ihn</translation>
    </message>
    <message>
        <source>ordinary petrol</source>
        <translation>Normalbenzin</translation>
    </message>
    <message>
        <source>high-octane petrol</source>
        <translation>klopffestes Benzin</translation>
    </message>
    <message>
        <source>racing petrol</source>
        <translation>Rennbenzin</translation>
    </message>
    <message>
        <source>methanol</source>
        <translation>Methanol</translation>
    </message>
    <message>
        <source>Rocker ratio to try</source>
        <translation>Kipphebelübersetzung zum Probieren</translation>
    </message>
    <message>
        <source>rockers of %1 tried; fitted %2</source>
        <translation>Kipphebel mit %1 probiert; eingebaut %2</translation>
    </message>
    <message>
        <source>rockers of %1, fitted</source>
        <translation>Kipphebel mit %1, eingebaut</translation>
    </message>
    <message>
        <source>The springs of the head, valve by valve</source>
        <translation>Die Federn des Kopfes, Ventil für Ventil</translation>
    </message>
    <message>
        <source>in %1</source>
        <comment>a valve</comment>
        <translation>E %1</translation>
    </message>
    <message>
        <source>ex %1</source>
        <comment>a valve</comment>
        <translation>A %1</translation>
    </message>
    <message>
        <source>planned</source>
        <translation>geplant</translation>
    </message>
    <message>
        <source>spring %1</source>
        <translation>Feder %1</translation>
    </message>
    <message>
        <source>binds</source>
        <translation>auf Block</translation>
    </message>
    <message>
        <source>shims</source>
        <translation>Scheiben</translation>
    </message>
    <message>
        <source>on the seat</source>
        <translation>geschlossen</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>to coil bind</source>
        <translation>bis Block</translation>
    </message>
    <message>
        <source>What is stated of springs, rockers and followers</source>
        <translation>Was zu Federn, Kipphebeln und Stößeln angegeben ist</translation>
    </message>
    <message>
        <source>Room left at full lift</source>
        <translation>Platz bei vollem Hub</translation>
    </message>
    <message>
        <source>The bands on the end of the stem</source>
        <translation>Die Laufspuren auf dem Schaftende</translation>
    </message>
    <message>
        <source>rocker&apos;s shaft to the left</source>
        <translation>Kipphebelwelle links</translation>
    </message>
    <message>
        <source>no trial yet</source>
        <translation>noch kein Versuch</translation>
    </message>
    <message>
        <source>rod %1: %2 wide</source>
        <translation>Stange %1: %2 breit</translation>
    </message>
    <message>
        <source>push rod</source>
        <translation>Stoßstange</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Springs</source>
        <translation>Federn</translation>
    </message>
    <message>
        <source>springs</source>
        <translation>Federn</translation>
    </message>
    <message>
        <source>one for both, or intake then exhaust; - for not known</source>
        <translation>einer für beide, oder Einlass, dann Auslass; - für unbekannt</translation>
    </message>
    <message>
        <source>One value for both sides, or two: intake, then exhaust.</source>
        <translation>Ein Wert für beide Seiten, oder zwei: Einlass, dann Auslass.</translation>
    </message>
    <message>
        <source>“%1” is not understood here: type something such as %2.</source>
        <translation>„%1“ ist hier nicht zu verstehen: etwa %2 eingeben.</translation>
    </message>
    <message>
        <source>height then load, such as 38.5 410; four values: intake, exhaust</source>
        <translation>Höhe, dann Kraft, etwa 38,5 410; vier Werte: Einlass, Auslass</translation>
    </message>
    <message>
        <source>%1 at %2</source>
        <translation>%1 bei %2</translation>
    </message>
    <message>
        <source>A height and the load there, such as 38.5 410.</source>
        <translation>Eine Höhe und die Kraft dort, etwa 38,5 410.</translation>
    </message>
    <message>
        <source>%1 at %2 is no valve spring&apos;s.</source>
        <translation>%1 bei %2 hat keine Ventilfeder.</translation>
    </message>
    <message>
        <source>sizes and how many, such as 0.25x8 0.38x4; - for none</source>
        <translation>Dicken und wie viele, etwa 0,25x8 0,38x4; - für keine</translation>
    </message>
    <message>
        <source>Tester&apos;s heights</source>
        <translation>Höhen am Prüfgerät</translation>
    </message>
    <message>
        <source>where each spring is pressed to, such as 38.5 27; - clears them</source>
        <translation>worauf jede Feder gedrückt wird, etwa 38,5 27; - löscht sie</translation>
    </message>
    <message>
        <source>Heights such as 38.5 27, at most three.</source>
        <translation>Höhen wie 38,5 27, höchstens drei.</translation>
    </message>
    <message>
        <source>Two of these heights are one.</source>
        <translation>Zwei dieser Höhen sind dieselbe.</translation>
    </message>
    <message>
        <source>Loads are read at these heights already: others may be added behind them, none taken away.</source>
        <translation>Bei diesen Höhen sind schon Kräfte gemessen: weitere dürfen dahinter kommen, keine darf weg.</translation>
    </message>
    <message>
        <source>Height wanted</source>
        <translation>Gewünschte Höhe</translation>
    </message>
    <message>
        <source>Heights and shims</source>
        <translation>Höhen und Scheiben</translation>
    </message>
    <message>
        <source>or load on the seat</source>
        <translation>oder Kraft geschlossen</translation>
    </message>
    <message>
        <source>Shims</source>
        <translation>Scheiben</translation>
    </message>
    <message>
        <source>Shims in when measured</source>
        <translation>Scheiben beim Messen drunter</translation>
    </message>
    <message>
        <source>A stack may be off by</source>
        <translation>Ein Stapel darf abweichen um</translation>
    </message>
    <message>
        <source>Height at coil bind</source>
        <translation>Höhe auf Block</translation>
    </message>
    <message>
        <source>The springs, by their maker</source>
        <translation>Die Federn, laut Hersteller</translation>
    </message>
    <message>
        <source>Rate</source>
        <translation>Federrate</translation>
    </message>
    <message>
        <source>Load at a height</source>
        <translation>Kraft bei einer Höhe</translation>
    </message>
    <message>
        <source>Load at another height</source>
        <translation>Kraft bei anderer Höhe</translation>
    </message>
    <message>
        <source>Active coils</source>
        <translation>Federnde Windungen</translation>
    </message>
    <message>
        <source>Inside diameter</source>
        <translation>Innendurchmesser</translation>
    </message>
    <message>
        <source>Outside diameter</source>
        <translation>Außendurchmesser</translation>
    </message>
    <message>
        <source>Locator, outside</source>
        <translation>Zentrierung, außen</translation>
    </message>
    <message>
        <source>Pocket of the seat</source>
        <translation>Federbett im Kopf</translation>
    </message>
    <message>
        <source>On the tester</source>
        <translation>Auf dem Prüfgerät</translation>
    </message>
    <message>
        <source>Tested by</source>
        <translation>Geprüft von</translation>
    </message>
    <message>
        <source>Loads are shown in</source>
        <translation>Kräfte zeigen in</translation>
    </message>
    <message>
        <source>Retainer to seal</source>
        <translation>Teller bis Dichtung</translation>
    </message>
    <message>
        <source>Room with the valve shut</source>
        <translation>Platz bei geschlossenem Ventil</translation>
    </message>
    <message>
        <source>Retainer to guide</source>
        <translation>Teller bis Führung</translation>
    </message>
    <message>
        <source>Follower may rise</source>
        <translation>Stößel darf steigen</translation>
    </message>
    <message>
        <source>Rocker to retainer</source>
        <translation>Kipphebel bis Teller</translation>
    </message>
    <message>
        <source>Room at full lift, where it is nearest</source>
        <translation>Platz bei vollem Hub, wo es am engsten ist</translation>
    </message>
    <message>
        <source>Rocker to its stud</source>
        <translation>Kipphebel bis Stehbolzen</translation>
    </message>
    <message>
        <source>Found at a valve lift of</source>
        <translation>Gefunden bei Ventilhub</translation>
    </message>
    <message>
        <source>Coil bind: keep</source>
        <translation>Abstand zum Block</translation>
    </message>
    <message>
        <source>Your own for coil bind</source>
        <translation>Eigener Abstand zum Block</translation>
    </message>
    <message>
        <source>Retainer to seal and guide</source>
        <translation>Teller bis Dichtung und Führung</translation>
    </message>
    <message>
        <source>Rocker to retainer and stud</source>
        <translation>Kipphebel bis Teller und Bolzen</translation>
    </message>
    <message>
        <source>Follower&apos;s way left</source>
        <translation>Restweg des Stößels</translation>
    </message>
    <message>
        <source>Edge of a flat face</source>
        <translation>Rand einer flachen Lauffläche</translation>
    </message>
    <message>
        <source>A spring is odd from</source>
        <translation>Eine Feder fällt auf ab</translation>
    </message>
    <message>
        <source>a share of the load: 0.05 is 5 %</source>
        <translation>ein Anteil der Kraft: 0,05 sind 5 %</translation>
    </message>
    <message>
        <source>Base circle, across</source>
        <translation>Grundkreis, Durchmesser</translation>
    </message>
    <message>
        <source>Followers and lobes</source>
        <translation>Stößel und Nocken</translation>
    </message>
    <message>
        <source>Flat face, across</source>
        <translation>Flache Lauffläche, Durchmesser</translation>
    </message>
    <message>
        <source>Roller, across</source>
        <translation>Rolle, Durchmesser</translation>
    </message>
    <message>
        <source>Base circle before grinding</source>
        <translation>Grundkreis vor dem Schleifen</translation>
    </message>
    <message>
        <source>Lash shims, caps at hand</source>
        <translation>Spielplättchen, Kappen zur Hand</translation>
    </message>
    <message>
        <source>Mass at the valve</source>
        <translation>Masse am Ventil</translation>
    </message>
    <message>
        <source>valve, retainer, locks, a third of the spring, the rocker&apos;s share; one for both, or intake then exhaust</source>
        <translation>Ventil, Teller, Keile, ein Drittel der Feder, Anteil des Kipphebels; einer für beide, oder Einlass, dann Auslass</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Drehzahl</translation>
    </message>
    <message>
        <source>Mass at the tappet</source>
        <translation>Masse am Stößel</translation>
    </message>
    <message>
        <source>follower and push rod; one for both, or intake then exhaust</source>
        <translation>Stößel und Stoßstange; einer für beide, oder Einlass, dann Auslass</translation>
    </message>
    <message>
        <source>Speed wanted</source>
        <translation>Gewünschte Drehzahl</translation>
    </message>
    <message>
        <source>1/min; 0: as the purpose at Compare says</source>
        <translation>1/min; 0: wie der Zweck bei Vergleich sagt</translation>
    </message>
    <message>
        <source>Length is called by</source>
        <translation>Länge bestimmt durch</translation>
    </message>
    <message>
        <source>Push rods</source>
        <translation>Stoßstangen</translation>
    </message>
    <message>
        <source>Adjustable one, screwed home</source>
        <translation>Verstellbare, ganz eingedreht</translation>
    </message>
    <message>
        <source>Its thread&apos;s pitch</source>
        <translation>Steigung ihres Gewindes</translation>
    </message>
    <message>
        <source>Preload, by the maker</source>
        <translation>Vorspannung, laut Hersteller</translation>
    </message>
    <message>
        <source>Preload is in the trials</source>
        <translation>Vorspannung ist in den Versuchen</translation>
    </message>
    <message>
        <source>Stem, across</source>
        <translation>Ventilschaft, Durchmesser</translation>
    </message>
    <message>
        <source>Rocker&apos;s arm, shaft to nose</source>
        <translation>Kipphebelarm, Welle bis Nase</translation>
    </message>
    <message>
        <source>Nose over square, shut</source>
        <translation>Nase über dem Lot, zu</translation>
    </message>
    <message>
        <source>Sizes and how many, such as %1.</source>
        <translation>Dicken und wie viele, etwa %1.</translation>
    </message>
    <message>
        <source>left / limit, %1</source>
        <translation>Rest / Grenze, %1</translation>
    </message>
    <message>
        <source>valve lift, %1</source>
        <translation>Ventilhub, %1</translation>
    </message>
    <message>
        <source>on the seat, %1</source>
        <translation>geschlossen, %1</translation>
    </message>
    <message>
        <source>open, %1</source>
        <translation>offen, %1</translation>
    </message>
    <message>
        <source>flat face needed, %1</source>
        <translation>nötige Lauffläche, %1</translation>
    </message>
    <message>
        <source>sharpest radius, %1</source>
        <translation>kleinster Radius, %1</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>spring %1 at %2  %3</source>
        <translation>Feder %1 bei %2  %3</translation>
    </message>
    <message>
        <source>%1 rod %2  %3 wide, %4 off</source>
        <translation>Stange %1 %2  %3 breit, %4 daneben</translation>
    </message>
    <message>
        <source>%1  struck</source>
        <translation>%1  gestrichen</translation>
    </message>
    <message>
        <source>last  %1</source>
        <translation>zuletzt  %1</translation>
    </message>
    <message>
        <source>seat to retainer</source>
        <translation>Sitz bis Teller</translation>
    </message>
    <message>
        <source>what springs they are</source>
        <translation>welche Federn es sind</translation>
    </message>
    <message>
        <source>room: seals, guides, rockers</source>
        <translation>Platz: Dichtungen, Führungen, Kipphebel</translation>
    </message>
    <message>
        <source>followers, base circles, masses</source>
        <translation>Stößel, Grundkreise, Massen</translation>
    </message>
    <message>
        <source>loads, spring by spring</source>
        <translation>Kräfte, Feder für Feder</translation>
    </message>
    <message>
        <source>heights, valve by valve</source>
        <translation>Höhen, Ventil für Ventil</translation>
    </message>
    <message>
        <source>trials with push rods</source>
        <translation>Versuche mit Stoßstangen</translation>
    </message>
    <message>
        <source>This engine has no push rods.</source>
        <translation>Dieser Motor hat keine Stoßstangen.</translation>
    </message>
    <message>
        <source>Length, middle of the band, its width: 178.5 -0.4 1.8.</source>
        <translation>Länge, Mitte der Spur, ihre Breite: 178,5 -0,4 1,8.</translation>
    </message>
    <message>
        <source>54.2 15.6  at Springs</source>
        <translation>54,2 15,6  bei Federn</translation>
    </message>
    <message>
        <source>seat and retainer from one edge: the height between them</source>
        <translation>Sitz und Teller von einer Kante: die Höhe dazwischen</translation>
    </message>
    <message>
        <source>ratio 1.65  at Springs</source>
        <translation>übersetzung 1,65  bei Federn</translation>
    </message>
    <message>
        <source>tries other rockers; ratio alone lets go of them</source>
        <translation>probiert andere Kipphebel; ratio allein lässt sie los</translation>
    </message>
    <message>
        <source>178.5 -0.4 1.8  at the push rods</source>
        <translation>178,5 -0,4 1,8  bei den Stoßstangen</translation>
    </message>
    <message>
        <source>a trial: length, middle of the band on the stem, its width; cap 2 and stand 0.5 behind it</source>
        <translation>ein Versuch: Länge, Mitte der Spur auf dem Schaft, ihre Breite; dahinter cap 2 und stand 0,5</translation>
    </message>
    <message>
        <source>6.5t -0.4 1.8  at the push rods</source>
        <translation>6,5t -0,4 1,8  bei den Stoßstangen</translation>
    </message>
    <message>
        <source>the same by the turns of an adjustable one</source>
        <translation>dasselbe nach Umdrehungen einer verstellbaren</translation>
    </message>
    <message>
        <source>ratio</source>
        <comment>typed</comment>
        <translation>übersetzung</translation>
    </message>
    <message>
        <source>This engine has no rockers to change.</source>
        <translation>Dieser Motor hat keine Kipphebel zu tauschen.</translation>
    </message>
    <message>
        <source>the rockers that are fitted</source>
        <translation>die eingebauten Kipphebel</translation>
    </message>
    <message>
        <source>A ratio from 1 to 2.5, or two: intake, then exhaust.</source>
        <translation>Eine Übersetzung von 1 bis 2,5, oder zwei: Einlass, dann Auslass.</translation>
    </message>
    <message>
        <source>tries rockers of %1</source>
        <translation>probiert Kipphebel mit %1</translation>
    </message>
    <message>
        <source>From the seat to the retainer, such as %1; or seat and retainer from one edge.</source>
        <translation>Vom Sitz bis zum Teller, etwa %1; oder Sitz und Teller von einer Kante.</translation>
    </message>
    <message>
        <source>%1 is hardly the height of a valve spring: expected %2 to %3.</source>
        <translation>%1 ist kaum die Höhe einer Ventilfeder: erwartet %2 bis %3.</translation>
    </message>
    <message>
        <source>, %1 of shims</source>
        <translation>, %1 Scheiben</translation>
    </message>
    <message>
        <source>, %1 shorter than wanted</source>
        <translation>, %1 kürzer als gewünscht</translation>
    </message>
    <message>
        <source>A number from 1 to 99, as they are numbered.</source>
        <translation>Eine Nummer von 1 bis 99, wie sie nummeriert sind.</translation>
    </message>
    <message>
        <source>go to spring %1</source>
        <translation>zu Feder %1</translation>
    </message>
    <message>
        <source>The tester&apos;s heights come first: S, then down to them.</source>
        <translation>Zuerst die Höhen am Prüfgerät: S, dann hinunter zu ihnen.</translation>
    </message>
    <message>
        <source>A load such as %1.</source>
        <translation>Eine Kraft wie %1.</translation>
    </message>
    <message>
        <source>%1 at %2, but %3 at %4: the load would fall as it is compressed. Exchanged?</source>
        <translation>%1 bei %2, aber %3 bei %4: die Kraft fiele beim Zusammendrücken. Vertauscht?</translation>
    </message>
    <message>
        <source>spring %1: %2 at %3</source>
        <translation>Feder %1: %2 bei %3</translation>
    </message>
    <message>
        <source>Length, middle of the band, its width: 178.5 -0.4 1.8. Then cap 2, stand 0.5 where they are on.</source>
        <translation>Länge, Mitte der Spur, ihre Breite: 178,5 -0,4 1,8. Dann cap 2, stand 0,5, wo sie drauf sind.</translation>
    </message>
    <message>
        <source>For turns the adjustable one&apos;s length screwed home and its pitch are wanted, further down.</source>
        <translation>Für Umdrehungen sind die Länge der verstellbaren, ganz eingedreht, und ihre Steigung nötig, weiter unten.</translation>
    </message>
    <message>
        <source>%1 is hardly a push rod: expected %2 to %3.</source>
        <translation>%1 ist kaum eine Stoßstange: erwartet %2 bis %3.</translation>
    </message>
    <message>
        <source>A band is as wide as the stem at most, and lies on it.</source>
        <translation>Eine Spur ist höchstens so breit wie der Schaft und liegt auf ihm.</translation>
    </message>
    <message>
        <source>%1: band %2 wide, its middle %3 off</source>
        <translation>%1: Spur %2 breit, ihre Mitte %3 daneben</translation>
    </message>
    <message>
        <source>springs, %1</source>
        <translation>Federn, %1</translation>
    </message>
    <message>
        <source>, now %1</source>
        <translation>, jetzt %1</translation>
    </message>
    <message>
        <source>seat to retainer?</source>
        <translation>Sitz bis Teller?</translation>
    </message>
    <message>
        <source>keep, the next valve</source>
        <translation>behalten, nächstes Ventil</translation>
    </message>
    <message>
        <source>54.2 15.6  S springs  T tester  R room  F followers  L log</source>
        <translation>54,2 15,6  S Federn  T Prüfgerät  R Platz  F Stößel  L Liste</translation>
    </message>
    <message>
        <source>  P rods</source>
        <translation>  P Stangen</translation>
    </message>
    <message>
        <source>spring %1 of the set</source>
        <translation>Feder %1 des Satzes</translation>
    </message>
    <message>
        <source>the tester&apos;s heights?</source>
        <translation>Höhen am Prüfgerät?</translation>
    </message>
    <message>
        <source>load at %1?</source>
        <translation>Kraft bei %1?</translation>
    </message>
    <message>
        <source>keep, the next</source>
        <translation>behalten, nächste</translation>
    </message>
    <message>
        <source>%1   spring 9 go there   Back strike   Esc heights</source>
        <translation>%1   spring 9 dorthin   Rück streichen   Esc Höhen</translation>
    </message>
    <message>
        <source>push rod, %1</source>
        <translation>Stoßstange, %1</translation>
    </message>
    <message>
        <source>length, middle of the band, its width?</source>
        <translation>Länge, Mitte der Spur, Breite?</translation>
    </message>
    <message>
        <source>keep the trial</source>
        <translation>Versuch behalten</translation>
    </message>
    <message>
        <source>178.5 -0.4 1.8 cap 2 stand 0.5   6.5t by turns   Back strike   Esc heights</source>
        <translation>178,5 -0,4 1,8 cap 2 stand 0,5   6,5t nach Umdrehungen   Rück streichen   Esc Höhen</translation>
    </message>
    <message>
        <source>intake room to coil bind</source>
        <translation>Einlass, Abstand zum Block</translation>
    </message>
    <message>
        <source>exhaust room to coil bind</source>
        <translation>Auslass, Abstand zum Block</translation>
    </message>
    <message>
        <source>intake retainer room</source>
        <translation>Einlass, Platz unter dem Teller</translation>
    </message>
    <message>
        <source>exhaust retainer room</source>
        <translation>Auslass, Platz unter dem Teller</translation>
    </message>
    <message>
        <source>speed the springs control</source>
        <translation>Drehzahl, die die Federn beherrschen</translation>
    </message>
    <message>
        <source>By a rigid estimate the springs are used up at %1 1/min: from there on no clearance holds.</source>
        <translation>Nach starrer Schätzung sind die Federn bei %1 1/min am Ende: ab da hält kein Freigang.</translation>
    </message>
    <message>
        <source> room to coil bind</source>
        <translation> bis Block</translation>
    </message>
    <message>
        <source> retainer room</source>
        <translation> unter dem Teller</translation>
    </message>
    <message>
        <source> seat load, least</source>
        <translation> Kraft geschlossen</translation>
    </message>
    <message>
        <source> spring used up, estimate</source>
        <translation> Feder am Ende, geschätzt</translation>
    </message>
    <message>
        <source>%1: lift begins at %2 and ends at %3 with a jump no ramp makes. Does the follower rest on something else than the base circle, or was this taken at the valve?</source>
        <translation>%1: der Hub beginnt bei %2 und endet bei %3 mit einem Sprung, den keine Rampe macht. Liegt der Stößel auf etwas anderem als dem Grundkreis, oder wurde am Ventil gemessen?</translation>
    </message>
    <message>
        <source>Spring %1 gives %2 percent less than the middle of its set.</source>
        <translation>Feder %1 gibt %2 Prozent weniger als die Mitte ihres Satzes.</translation>
    </message>
    <message>
        <source>Spring %1 gives %2 percent more than the middle of its set.</source>
        <translation>Feder %1 gibt %2 Prozent mehr als die Mitte ihres Satzes.</translation>
    </message>
    <message>
        <source>To order: %1.</source>
        <translation>Zu bestellen: %1.</translation>
    </message>
    <message>
        <source>Spring %1 gives %2 at %3, %4 under the middle of its set: leave it out.</source>
        <translation>Feder %1 gibt %2 bei %3, %4 unter der Mitte ihres Satzes: weglassen.</translation>
    </message>
    <message>
        <source>Spring %1 gives %2 at %3, %4 over the middle of its set: leave it out.</source>
        <translation>Feder %1 gibt %2 bei %3, %4 über der Mitte ihres Satzes: weglassen.</translation>
    </message>
    <message>
        <source>On the seat %1 to %2</source>
        <translation>Geschlossen %1 bis %2</translation>
    </message>
    <message>
        <source>; matched as shown the spread is %1, in the order tested %2</source>
        <translation>; zugeordnet wie gezeigt ist die Streuung %1, in der geprüften Reihenfolge %2</translation>
    </message>
    <message>
        <source>%1: its flank is hollow, radius %2 at %3: the grinding wheel must be smaller than that.</source>
        <translation>%1: die Flanke ist hohl, Radius %2 bei %3: die Schleifscheibe muss kleiner sein.</translation>
    </message>
    <message>
        <source>%1: its flank would be hollow, radius %2 at %3, which a flat face cannot follow: look at base circle and readings.</source>
        <translation>%1: die Flanke wäre hohl, Radius %2 bei %3, dem keine flache Lauffläche folgt: Grundkreis und Messwerte prüfen.</translation>
    </message>
    <message>
        <source> The roller is too large for its sharpest place: no lobe could move it so.</source>
        <translation> Die Rolle ist zu groß für die schärfste Stelle: kein Nocken könnte sie so bewegen.</translation>
    </message>
    <message>
        <source>%1: the base circle is smaller; each follower stands %2 lower. Lash shims thicker by that bring it back.</source>
        <translation>%1: der Grundkreis ist kleiner; jeder Stößel steht %2 tiefer. Um so viel dickere Spielplättchen gleichen es aus.</translation>
    </message>
    <message>
        <source>%1: the base circle is smaller; each follower stands %2 lower. Push rods longer by that, or caps, bring it back.</source>
        <translation>%1: der Grundkreis ist kleiner; jeder Stößel steht %2 tiefer. Um so viel längere Stoßstangen, oder Kappen, gleichen es aus.</translation>
    </message>
    <message>
        <source> The pieces at hand do it, each within %1.</source>
        <translation> Die Teile zur Hand schaffen es, jedes auf %1.</translation>
    </message>
    <message>
        <source> The pieces at hand leave up to %1.</source>
        <translation> Die Teile zur Hand lassen bis zu %1 übrig.</translation>
    </message>
    <message>
        <source>coil bind</source>
        <translation>Abstand zum Block</translation>
    </message>
    <message>
        <source>retainer to seal</source>
        <translation>Teller bis Dichtung</translation>
    </message>
    <message>
        <source>retainer to guide</source>
        <translation>Teller bis Führung</translation>
    </message>
    <message>
        <source>rocker to retainer</source>
        <translation>Kipphebel bis Teller</translation>
    </message>
    <message>
        <source>rocker to stud</source>
        <translation>Kipphebel bis Bolzen</translation>
    </message>
    <message>
        <source>follower in its bore</source>
        <translation>Stößel in der Bohrung</translation>
    </message>
    <message>
        <source>follower face, each edge</source>
        <translation>Lauffläche, je Rand</translation>
    </message>
    <message>
        <source>spring round its locator</source>
        <translation>Feder auf der Zentrierung</translation>
    </message>
    <message>
        <source>spring in its pocket</source>
        <translation>Feder im Federbett</translation>
    </message>
    <message>
        <source>1.5 mm a spring</source>
        <translation>1,5 mm je Feder</translation>
    </message>
    <message>
        <source>0.3 mm each active coil</source>
        <translation>0,3 mm je federnder Windung</translation>
    </message>
    <message>
        <source>your own, or the maker&apos;s</source>
        <translation>eigener, oder der des Herstellers</translation>
    </message>
    <message>
        <source>the narrowest band</source>
        <translation>die schmalste Spur</translation>
    </message>
    <message>
        <source>the band in the middle</source>
        <translation>die Spur in der Mitte</translation>
    </message>
    <message>
        <source>square at half the lift</source>
        <translation>rechtwinklig bei halbem Hub</translation>
    </message>
    <message>
        <source>as lengths: N or lb</source>
        <translation>wie Längen: N oder lb</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a valve</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1, first</source>
        <translation>%1, erstes</translation>
    </message>
    <message>
        <source>%1, second</source>
        <translation>%1, zweites</translation>
    </message>
    <message>
        <source>%1, third</source>
        <translation>%1, drittes</translation>
    </message>
    <message>
        <source>The rate of %1 cannot be: a spring pushes back more the shorter it is, and no valve spring gives 1000 N a mm.</source>
        <translation>Die Federrate von %1 kann nicht sein: eine Feder drückt umso mehr, je kürzer sie ist, und keine Ventilfeder gibt 1000 N je mm.</translation>
    </message>
    <message>
        <source>The loads of %1 fall as it is compressed: exchanged, or read at the wrong height. Nothing is reckoned with them.</source>
        <translation>Die Kräfte von %1 fallen beim Zusammendrücken: vertauscht, oder bei falscher Höhe abgelesen. Mit ihnen wird nichts gerechnet.</translation>
    </message>
    <message>
        <source>Two loads of %1 are given at one height: they make no spring.</source>
        <translation>Zwei Kräfte von %1 stehen bei einer Höhe: sie ergeben keine Feder.</translation>
    </message>
    <message>
        <source>A load of %1 is given below the height at which its coils touch, %2.</source>
        <translation>Eine Kraft von %1 steht unter der Blockhöhe, %2.</translation>
    </message>
    <message>
        <source>%1: a fitted height of %2 is below coil bind, %3. Measure it again.</source>
        <translation>%1: eine Einbauhöhe von %2 liegt unter der Blockhöhe, %3. Noch einmal messen.</translation>
    </message>
    <message>
        <source>%1: the height wanted, %2, is below coil bind, %3.</source>
        <translation>%1: die gewünschte Höhe, %2, liegt unter der Blockhöhe, %3.</translation>
    </message>
    <message>
        <source>%1: the load wanted would need a height of %2, below coil bind, %3: another spring.</source>
        <translation>%1: die gewünschte Kraft bräuchte eine Höhe von %2, unter der Blockhöhe, %3: eine andere Feder.</translation>
    </message>
    <message>
        <source>The stock of shims cannot be: sizes from 0.001 to 20 mm, at most 24 of them, up to 400 of each.</source>
        <translation>Der Vorrat an Scheiben kann nicht sein: Dicken von 0,001 bis 20 mm, höchstens 24 davon, bis zu 400 von jeder.</translation>
    </message>
    <message>
        <source>More valves than 64 are not worked out.</source>
        <translation>Mehr als 64 Ventile werden nicht ausgerechnet.</translation>
    </message>
    <message>
        <source>%1 stands at %2 already, under the %3 wanted: no shim makes a spring taller. Other retainers or locks, or a seat cut deeper.</source>
        <translation>%1 steht schon bei %2, unter den gewünschten %3: keine Scheibe macht eine Feder höher. Andere Teller oder Keile, oder ein tieferes Federbett.</translation>
    </message>
    <message>
        <source>%1: %2 too tight.</source>
        <translation>%1: %2 zu eng.</translation>
    </message>
    <message>
        <source>%1: %2 loose, up to %3 is usual.</source>
        <translation>%1: %2 lose, bis %3 ist üblich.</translation>
    </message>
    <message>
        <source>%1: they would meet, by %2; your limit is %3 of room.</source>
        <translation>%1: sie träfen sich, um %2; deine Grenze ist %3 Platz.</translation>
    </message>
    <message>
        <source>%1: %2 left at full lift, your limit is %3.</source>
        <translation>%1: %2 bleiben bei vollem Hub, deine Grenze ist %3.</translation>
    </message>
    <message>
        <source>%1 less under it, or a spring whose coils touch at %2 or less.</source>
        <translation>%1 weniger darunter, oder eine Feder mit Blockhöhe von höchstens %2.</translation>
    </message>
    <message>
        <source>A spring whose coils touch at %1 or less, retainers or locks %2 higher, or that much less lift.</source>
        <translation>Eine Feder mit Blockhöhe von höchstens %1, Teller oder Keile %2 höher, oder um so viel weniger Hub.</translation>
    </message>
    <message>
        <source>Seals, or the guides under them, %1 lower, or retainers that much higher.</source>
        <translation>Dichtungen oder die Führungen darunter %1 tiefer, oder Teller um so viel höher.</translation>
    </message>
    <message>
        <source>Guides %1 shorter, or retainers that much higher.</source>
        <translation>Führungen %1 kürzer, oder Teller um so viel höher.</translation>
    </message>
    <message>
        <source>A smaller retainer, a lash cap, or a rocker relieved by %1.</source>
        <translation>Ein kleinerer Teller, eine Kappe, oder ein um %1 freigearbeiteter Kipphebel.</translation>
    </message>
    <message>
        <source>A longer slot in the rocker, by %1.</source>
        <translation>Ein um %1 längerer Schlitz im Kipphebel.</translation>
    </message>
    <message>
        <source>%1 more of way for the follower.</source>
        <translation>%1 mehr Weg für den Stößel.</translation>
    </message>
    <message>
        <source>A face %1 wider, or a gentler lobe.</source>
        <translation>Eine um %1 größere Lauffläche, oder ein sanfterer Nocken.</translation>
    </message>
    <message>
        <source>Another locator, or another spring.</source>
        <translation>Eine andere Zentrierung, oder eine andere Feder.</translation>
    </message>
    <message>
        <source>A wider pocket, by %1.</source>
        <translation>Ein um %1 weiteres Federbett.</translation>
    </message>
    <message>
        <source>A locator, so that the spring does not wander.</source>
        <translation>Eine Zentrierung, damit die Feder nicht wandert.</translation>
    </message>
    <message>
        <source>The %1 spring&apos;s load is used up at %2 1/min, on the %3 flank: a rigid estimate that leaves out spring surge and bending, which come earlier.</source>
        <translation>Die Kraft der Feder (%1) ist bei %2 1/min verbraucht, auf der Flanke: %3. Eine starre Schätzung ohne Federschwingen und Biegung, die früher kommen.</translation>
    </message>
    <message>
        <source> That is under the %1 wanted: the valve would float.</source>
        <translation> Das liegt unter den gewünschten %1: das Ventil würde abheben.</translation>
    </message>
    <message>
        <source> Wanted are %1.</source>
        <translation> Gewünscht sind %1.</translation>
    </message>
    <message>
        <source>%1 push rod: a second length tells where the band is in the middle.</source>
        <translation>Stoßstange %1: eine zweite Länge sagt, wo die Spur in der Mitte ist.</translation>
    </message>
    <message>
        <source>%1 push rod: three lengths tell where the band is narrowest.</source>
        <translation>Stoßstange %1: drei Längen sagen, wo die Spur am schmalsten ist.</translation>
    </message>
    <message>
        <source>%1 push rod: caps or stands were changed between the trials. Trials with those that are on now are wanted.</source>
        <translation>Stoßstange %1: zwischen den Versuchen wurden Kappen oder Böcke geändert. Es braucht Versuche mit denen, die jetzt drauf sind.</translation>
    </message>
    <message>
        <source>%1 push rod: these trials do not turn. Try lengths further apart.</source>
        <translation>Stoßstange %1: diese Versuche kehren nicht um. Weiter auseinander liegende Längen probieren.</translation>
    </message>
    <message>
        <source>%1 push rod: for geometry by half the lift the rocker&apos;s arm, its nose at rest, and a trial are wanted.</source>
        <translation>Stoßstange %1: für die Geometrie bei halbem Hub braucht es den Kipphebelarm, seine Nase in Ruhe und einen Versuch.</translation>
    </message>
    <message>
        <source>%1 push rod: %2 by %3</source>
        <translation>Stoßstange %1: %2 nach: %3</translation>
    </message>
    <message>
        <source>, the preload in it already</source>
        <translation>, die Vorspannung schon darin</translation>
    </message>
    <message>
        <source>, with %1 of preload order %2</source>
        <translation>, mit %1 Vorspannung %2 bestellen</translation>
    </message>
    <message>
        <source>, %1 turns out</source>
        <translation>, %1 Umdrehungen heraus</translation>
    </message>
    <message>
        <source> On a shaft: stands %1 higher.</source>
        <translation> Auf einer Welle: Böcke %1 höher.</translation>
    </message>
    <message>
        <source> On a shaft: stands %1 lower.</source>
        <translation> Auf einer Welle: Böcke %1 tiefer.</translation>
    </message>
    <message>
        <source> That is far from every trial: try one near it before ordering.</source>
        <translation> Das ist weit von jedem Versuch: vor dem Bestellen eine in der Nähe probieren.</translation>
    </message>
    <message>
        <source> Its band would reach the edge of the stem.</source>
        <translation> Ihre Spur reichte bis an den Rand des Schafts.</translation>
    </message>
    <message>
        <source>Nothing of the springs is known yet. Measure from the seat to the retainer, valve by valve; go down to say what springs they are.</source>
        <translation>Von den Federn ist noch nichts bekannt. Vom Sitz bis zum Teller messen, Ventil für Ventil; nach unten gehen, um zu sagen, welche Federn es sind.</translation>
    </message>
    <message numerus="yes">
        <source>%n valves are not reached with these shims. </source>
        <translation>
            <numerusform>%n Ventil wird mit diesen Scheiben nicht erreicht. </numerusform>
            <numerusform>%n Ventile werden mit diesen Scheiben nicht erreicht. </numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of %2 heights are measured; next is %3.</source>
        <translation>%1 von %2 Höhen sind gemessen; als Nächstes %3.</translation>
    </message>
    <message>
        <source>What is left at full lift waits for the lobe, measured or from its card.</source>
        <translation>Was bei vollem Hub bleibt, wartet auf den Nocken, gemessen oder vom Datenblatt.</translation>
    </message>
    <message>
        <source>What is left to coil bind waits for the height at which the coils touch: go down and type it.</source>
        <translation>Was bis zum Block bleibt, wartet auf die Blockhöhe: nach unten gehen und sie eingeben.</translation>
    </message>
    <message>
        <source>Every spring keeps its room: %1 %2</source>
        <translation>Jede Feder hat ihren Platz: %1 %2</translation>
    </message>
    <message>
        <source>heights, loads, coil bind</source>
        <translation>Höhen, Kräfte, Block</translation>
    </message>
    <message>
        <source>floats at %1 1/min</source>
        <translation>hebt ab bei %1 1/min</translation>
    </message>
    <message>
        <source>spring %1 is odd</source>
        <translation>Feder %1 fällt auf</translation>
    </message>
    <message>
        <source>shims are short</source>
        <translation>Scheiben fehlen</translation>
    </message>
    <message>
        <source>coil bind %1</source>
        <translation>bis Block %1</translation>
    </message>
    <message>
        <source>%1 of %2 heights</source>
        <translation>%1 von %2 Höhen</translation>
    </message>
    <message>
        <source>%1: its height stands out from its side&apos;s. Measure it again, then look at seat and locks.</source>
        <translation>%1: die Höhe fällt aus ihrer Seite heraus. Noch einmal messen, dann Sitz und Keile ansehen.</translation>
    </message>
    <message>
        <source>Speeds are rigid estimates: spring surge and bending come earlier.</source>
        <translation>Drehzahlen sind starre Schätzungen: Federschwingen und Biegung kommen früher.</translation>
    </message>
    <message>
        <source>A compressed spring is loaded: the right tool, eyes protected, nobody in its line. A flat tappet cam is run in with the lubricant and the softer springs its maker asks for. Limits and loads are the maker&apos;s.</source>
        <translation>Eine gespannte Feder steht unter Kraft: das richtige Werkzeug, Augenschutz, niemand in ihrer Richtung. Eine Nockenwelle mit Flachstößeln wird mit dem Schmiermittel und den weicheren Federn eingefahren, die ihr Hersteller verlangt. Grenzen und Kräfte sind die des Herstellers.</translation>
    </message>
    <message>
        <source>used up, open / close, 1/min</source>
        <translation>am Ende, auf / zu, 1/min</translation>
    </message>
    <message>
        <source>what is short, onto the list of orders</source>
        <translation>was fehlt, auf die Bestellliste</translation>
    </message>
    <message>
        <source>No shim is short.</source>
        <translation>Es fehlt keine Scheibe.</translation>
    </message>
    <message>
        <source>spring shims: %1</source>
        <translation>Federscheiben: %1</translation>
    </message>
    <message>
        <source>It stands among the orders already.</source>
        <translation>Das steht schon bei den Bestellungen.</translation>
    </message>
    <message>
        <source>Onto the list of orders, at Record: %1.</source>
        <translation>Auf die Bestellliste, bei Protokoll: %1.</translation>
    </message>
    <message>
        <source>  O order</source>
        <translation>  O bestellen</translation>
    </message>
    <message>
        <source>%1 stands %2 taller than wanted with the best of the stock</source>
        <translation>%1 steht mit dem Besten aus dem Vorrat %2 höher als gewünscht</translation>
    </message>
    <message>
        <source>%1 stands %2 shorter than wanted with the best of the stock</source>
        <translation>%1 steht mit dem Besten aus dem Vorrat %2 kürzer als gewünscht</translation>
    </message>
    <message>
        <source>; alone it could have %1 or %2 under it, and wants %3.</source>
        <translation>; allein könnte es %1 oder %2 darunter haben, und braucht %3.</translation>
    </message>
    <message>
        <source>; all there is makes %1, and it wants %2.</source>
        <translation>; alles zusammen macht %1, und es braucht %2.</translation>
    </message>
    <message>
        <source>%1: how sharp its lobe is waits for the base circle: F.</source>
        <translation>%1: wie scharf der Nocken ist, wartet auf den Grundkreis: F.</translation>
    </message>
    <message>
        <source>%1: how sharp its lobe is waits for base circle and roller: F.</source>
        <translation>%1: wie scharf der Nocken ist, wartet auf Grundkreis und Rolle: F.</translation>
    </message>
    <message>
        <source>%1: %2 left at full lift, your limit is %3 (%4).</source>
        <translation>%1: %2 bleiben bei vollem Hub, deine Grenze ist %3 (%4).</translation>
    </message>
    <message>
        <source>With rockers of %1: %2</source>
        <translation>Mit Kipphebeln von %1: %2</translation>
    </message>
    <message>
        <source>filling, an estimate with gas in the pipes, over thousands per minute</source>
        <translation>Füllung, Schätzung mit Gas in den Rohren, über Tausend je Minute</translation>
    </message>
    <message>
        <source>length from the valve and bore, such as 320 40; a third number is the bore at its end; - for not known</source>
        <translation>Länge vom Ventil und Durchmesser, etwa 320 40; eine dritte Zahl ist der Durchmesser am Ende; - für unbekannt</translation>
    </message>
    <message>
        <source>%1 long, %2 %3</source>
        <translation>%1 lang, %2 %3</translation>
    </message>
    <message>
        <source>Length and bore, such as %1.</source>
        <translation>Länge und Durchmesser, etwa %1.</translation>
    </message>
    <message>
        <source>A pipe is 5 to 5000 mm long and 5 to 200 mm wide.</source>
        <translation>Ein Rohr ist 5 bis 5000 mm lang und 5 bis 200 mm weit.</translation>
    </message>
    <message>
        <source>Intake pipe</source>
        <translation>Ansaugrohr</translation>
    </message>
    <message>
        <source>Pipes, for the filling estimate</source>
        <translation>Rohre, für die Füllungsschätzung</translation>
    </message>
    <message>
        <source>Exhaust pipe</source>
        <translation>Auspuffrohr</translation>
    </message>
    <message>
        <source>Carburettor or throttle</source>
        <translation>Vergaser oder Drosselklappe</translation>
    </message>
    <message>
        <source>cc; 0 for none</source>
        <translation>cm³; 0 für keines</translation>
    </message>
    <message>
        <source>Plenum behind it</source>
        <translation>Sammler dahinter</translation>
    </message>
    <message>
        <source>Collector of the exhaust</source>
        <translation>Sammler des Auspuffs</translation>
    </message>
    <message>
        <source> The pipes&apos; lengths are not known: usual ones are taken, and a difference is only said where short and long ones bear it out.</source>
        <translation> Die Längen der Rohre sind nicht bekannt: übliche werden genommen, und ein Unterschied wird nur gesagt, wo kurze und lange ihn bestätigen.</translation>
    </message>
    <message>
        <source>An estimate with gas in both pipes, one cylinder alone: it leaves out combustion&apos;s course, bends, fuel and what other cylinders send. It says which cam fills better where. It cannot say power.</source>
        <translation>Eine Schätzung mit Gas in beiden Rohren, ein Zylinder allein: ohne Verbrennungsverlauf, Bögen, Kraftstoff und was andere Zylinder schicken. Sie sagt, welche Nockenwelle wo besser füllt. Leistung kann sie nicht sagen.</translation>
    </message>
    <message>
        <source>at every speed</source>
        <translation>bei jeder Drehzahl</translation>
    </message>
    <message>
        <source>up to %1 thousand</source>
        <translation>bis %1 Tausend</translation>
    </message>
    <message>
        <source>above %1 thousand</source>
        <translation>über %1 Tausend</translation>
    </message>
    <message>
        <source>from %1 to %2 thousand</source>
        <translation>von %1 bis %2 Tausend</translation>
    </message>
    <message>
        <source>%1 % more %2</source>
        <translation>%1 % mehr %2</translation>
    </message>
    <message>
        <source>%1 % less %2</source>
        <translation>%1 % weniger %2</translation>
    </message>
    <message>
        <source>nowhere told from it by more than 1 %</source>
        <translation>nirgends um mehr als 1 % davon zu unterscheiden</translation>
    </message>
    <message>
        <source>What was measured, the newest first</source>
        <translation>Was gemessen wurde, das Neueste zuerst</translation>
    </message>
    <message>
        <source>Springs tested by %1, %2.</source>
        <translation>Federn geprüft von %1, %2.</translation>
    </message>
    <message>
        <source>Springs tested by %1.</source>
        <translation>Federn geprüft von %1.</translation>
    </message>
    <message>
        <source>what was measured, struck ones too, or the facts</source>
        <translation>was gemessen wurde, auch Gestrichenes, oder die Angaben</translation>
    </message>
    <message>
        <source>Another window has just logged %1 for this valve. Enter once more takes yours in its place.</source>
        <translation>Ein anderes Fenster hat für dieses Ventil gerade %1 eingetragen. Noch einmal Enter nimmt deinen Wert dafür.</translation>
    </message>
    <message>
        <source>The next picture (P)</source>
        <translation>Das nächste Bild (P)</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>filling</source>
        <translation>Füllung</translation>
    </message>
    <message>
        <source>waves</source>
        <translation>Wellen</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>Hub</translation>
    </message>
    <message>
        <source>all intake cams</source>
        <translation>alle Einlasswellen</translation>
    </message>
    <message>
        <source>all exhaust cams</source>
        <translation>alle Auslasswellen</translation>
    </message>
    <message numerus="yes">
        <source>%n more alike</source>
        <translation>
            <numerusform>%n weitere gleich</numerusform>
            <numerusform>%n weitere gleich</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>fold %n alike</source>
        <translation>
            <numerusform>%n gleiche einklappen</numerusform>
            <numerusform>%n gleiche einklappen</numerusform>
        </translation>
    </message>
    <message>
        <source>Figures in which no cam differs from the reference by more than is known</source>
        <translation>Werte, in denen keine Nockenwelle von der Bezugswelle um mehr abweicht, als man weiß</translation>
    </message>
    <message>
        <source>marked %1, </source>
        <translation>markiert %1, </translation>
    </message>
    <message numerus="yes">
        <source>%n marked: Enter takes them in this order. Esc leads back.</source>
        <translation>
            <numerusform>%n markiert: Enter nimmt sie. Esc führt zurück.</numerusform>
            <numerusform>%n markiert: Enter nimmt sie in dieser Folge. Esc führt zurück.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of %2 cams. Enter takes one; Ctrl+Space marks several; Esc leads back.</source>
        <translation>%1 von %2 Nockenwellen. Enter nimmt eine; Strg+Leertaste markiert mehrere; Esc führt zurück.</translation>
    </message>
    <message>
        <source>Pressure at both valves over the cycle, under the lift</source>
        <translation>Druck an beiden Ventilen über das Arbeitsspiel, unter dem Hub</translation>
    </message>
    <message>
        <source>intake, kPa</source>
        <translation>Einlass, kPa</translation>
    </message>
    <message>
        <source>exhaust, kPa</source>
        <translation>Auslass, kPa</translation>
    </message>
    <message>
        <source>valve lift of %1</source>
        <translation>Ventilhub von %1</translation>
    </message>
    <message>
        <source>pressure at the valves over ambient at %1 per minute; type another, 6500</source>
        <translation>Druck an den Ventilen über der Umgebung bei %1 je Minute; eine andere tippen, 6500</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>What was measured round the flywheel</source>
        <translation>Was am Schwungrad gemessen wurde</translation>
    </message>
    <message>
        <source>the mark</source>
        <translation>die Marke</translation>
    </message>
    <message>
        <source>latch</source>
        <translation>Einklinken</translation>
    </message>
    <message>
        <source>trip</source>
        <translation>Abriss</translation>
    </message>
    <message>
        <source>Where every valve may be set, over the cycle</source>
        <translation>Wo jedes Ventil eingestellt werden darf, über das Arbeitsspiel</translation>
    </message>
    <message>
        <source>off the base circle, over crank degrees after the overlap of cylinder 1</source>
        <translation>vom Grundkreis abgehoben, über Kurbelgrad nach der Überschneidung von Zylinder 1</translation>
    </message>
    <message>
        <source>Lash valve by valve</source>
        <translation>Ventilspiel, Ventil für Ventil</translation>
    </message>
    <message>
        <source>The ports in the cylinder&apos;s wall, unrolled</source>
        <translation>Die Schlitze in der Zylinderwand, abgewickelt</translation>
    </message>
    <message>
        <source>below the crown&apos;s rim at TDC; the amber line is the rim now</source>
        <translation>unter dem Kolbenrand im OT; die Bernsteinlinie ist der Rand jetzt</translation>
    </message>
    <message>
        <source>About Amber Lobe</source>
        <translation>Über Amber Lobe</translation>
    </message>
    <message>
        <source>Measures, sets, compares and chooses camshafts. Copyright 2026 the Amber Lobe authors; free software under the GNU General Public License, version 3 or later, without any warranty. The maker&apos;s manual and licensed practice go before any figure of it.</source>
        <translation>Misst, stellt ein, vergleicht und wählt Nockenwellen. Copyright 2026 die Verfasser von Amber Lobe; freie Software unter der GNU General Public License, Version 3 oder später, ohne jede Gewähr. Das Handbuch des Herstellers und der Fachbetrieb gehen jedem Wert daraus vor.</translation>
    </message>
    <message>
        <source>It stands on Qt %1 (LGPL 3), QCustomPlot (GPL 3), SQLite (public domain), Eigen (MPL 2), Boost (BSL 1), CLI11 (BSD), JSON for Modern C++ (MIT), and the B612 type (OFL 1.1).</source>
        <translation>Es steht auf Qt %1 (LGPL 3), QCustomPlot (GPL 3), SQLite (gemeinfrei), Eigen (MPL 2), Boost (BSL 1), CLI11 (BSD), JSON for Modern C++ (MIT) und der Schrift B612 (OFL 1.1).</translation>
    </message>
    <message>
        <source>Your data: %1</source>
        <translation>Daten: %1</translation>
    </message>
    <message>
        <source>Esc leads back.</source>
        <translation>Esc führt zurück.</translation>
    </message>
    <message>
        <source>Measuring</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Schools, and what a figure is worth</source>
        <translation>Schulen, und was ein Wert wert ist</translation>
    </message>
    <message>
        <source>What the timing says</source>
        <translation>Was die Steuerzeiten sagen</translation>
    </message>
    <message>
        <source>Setting the cam</source>
        <translation>Die Nockenwelle einstellen</translation>
    </message>
    <message>
        <source>Lash, ports, flywheel, marks</source>
        <translation>Ventilspiel, Schlitze, Schwungrad, Marken</translation>
    </message>
    <message>
        <source>Comparing cams</source>
        <translation>Nockenwellen vergleichen</translation>
    </message>
    <message>
        <source>Record and sheet</source>
        <translation>Protokoll und Blatt</translation>
    </message>
    <message>
        <source>The guide</source>
        <translation>Der Leitfaden</translation>
    </message>
    <message>
        <source>search the guide</source>
        <translation>im Leitfaden suchen</translation>
    </message>
    <message>
        <source>Search the guide</source>
        <translation>Im Leitfaden suchen</translation>
    </message>
    <message>
        <source>Pages of the guide</source>
        <translation>Seiten des Leitfadens</translation>
    </message>
    <message>
        <source>Page of the guide</source>
        <translation>Seite des Leitfadens</translation>
    </message>
    <message>
        <source>Nothing in the guide says that.</source>
        <translation>Davon steht nichts im Leitfaden.</translation>
    </message>
    <message>
        <source>Save the sheet as PDF…</source>
        <translation>Das Blatt als PDF sichern…</translation>
    </message>
    <message>
        <source>Print the sheet…</source>
        <translation>Das Blatt drucken…</translation>
    </message>
    <message>
        <source>Guide</source>
        <translation>Leitfaden</translation>
    </message>
    <message>
        <source>Where is my data?</source>
        <translation>Wo sind meine Daten?</translation>
    </message>
    <message>
        <source>Your book is %1.</source>
        <translation>Das Buch ist %1.</translation>
    </message>
    <message>
        <source>≈ is modelled from its card. Cams as they stand in this engine.</source>
        <translation>≈ ist aus dem Datenblatt modelliert. Nockenwellen, wie sie in diesem Motor stehen.</translation>
    </message>
    <message>
        <source>left at</source>
        <translation>belassen auf</translation>
    </message>
    <message>
        <source>found at</source>
        <translation>vorgefunden mit</translation>
    </message>
    <message>
        <source>hot</source>
        <translation>warm</translation>
    </message>
    <message>
        <source>cold</source>
        <translation>kalt</translation>
    </message>
    <message>
        <source>Other work</source>
        <translation>Andere Arbeiten</translation>
    </message>
    <message>
        <source>lash, ports, flywheel</source>
        <translation>Ventilspiel, Schlitze, Schwungrad</translation>
    </message>
    <message>
        <source>cams compared</source>
        <translation>Nockenwellen verglichen</translation>
    </message>
    <message>
        <source>Cams compared</source>
        <translation>Nockenwellen verglichen</translation>
    </message>
    <message>
        <source>Say what the engine is for first: U, and where power is wanted.</source>
        <translation>Zuerst sagen, wofür der Motor ist: U, und wo Leistung gewünscht ist.</translation>
    </message>
    <message>
        <source>Looking for the advance at which %1 fills best.</source>
        <translation>Gesucht wird die Stellung, in der %1 am besten füllt.</translation>
    </message>
    <message>
        <source>the next picture: lift, ring, filling, waves</source>
        <translation>das nächste Bild: Hub, Ring, Füllung, Wellen</translation>
    </message>
    <message>
        <source>the advance at which the cam at hand fills best</source>
        <translation>die Stellung, in der die Nockenwelle in der Hand am besten füllt</translation>
    </message>
    <message>
        <source>figures that are alike as well</source>
        <translation>auch die gleichen Werte</translation>
    </message>
    <message>
        <source>fold the figures that are alike</source>
        <translation>die gleichen Werte einklappen</translation>
    </message>
    <message>
        <source>Speeds that matter</source>
        <translation>Drehzahlen, auf die es ankommt</translation>
    </message>
    <message>
        <source>such as 4000 6000x3, the second three times as much; - for all alike</source>
        <translation>etwa 4000 6000x3, die zweite dreifach; - für alle gleich</translation>
    </message>
    <message>
        <source>Speeds from 1000 to 20000 per minute, each with its weight behind an x, such as 4000 6000x3.</source>
        <translation>Drehzahlen von 1000 bis 20000 je Minute, jede mit ihrem Gewicht hinter einem x, etwa 4000 6000x3.</translation>
    </message>
    <message>
        <source> With all cams at %1 intake, %2 exhaust.</source>
        <translation> Alle Nockenwellen bei %1 Einlass, %2 Auslass.</translation>
    </message>
    <message>
        <source>waves at %1 per minute</source>
        <translation>Wellen bei %1 je Minute</translation>
    </message>
    <message>
        <source>%1 are among the cams.</source>
        <translation>%1 sind unter den Nockenwellen.</translation>
    </message>
    <message>
        <source>four-stroke</source>
        <translation>Viertakter</translation>
    </message>
    <message>
        <source>two-stroke with ports</source>
        <translation>Zweitakter mit Schlitzen</translation>
    </message>
    <message>
        <source>slow engine with a flywheel</source>
        <translation>Langsamläufer mit Schwungrad</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Bauart</translation>
    </message>
    <message>
        <source>by its own cam</source>
        <translation>durch eigenen Nocken</translation>
    </message>
    <message>
        <source>by the air itself</source>
        <translation>durch die Luft selbst</translation>
    </message>
    <message>
        <source>Round the rim</source>
        <translation>Umfang des Kranzes</translation>
    </message>
    <message>
        <source>circumference of the rim, by a string?</source>
        <translation>Umfang des Kranzes, mit einer Schnur?</translation>
    </message>
    <message>
        <source>Flywheel</source>
        <translation>Schwungrad</translation>
    </message>
    <message>
        <source>from the mark, the way the engine turns; - for not known</source>
        <translation>ab der Marke, in Drehrichtung; - für nicht bekannt</translation>
    </message>
    <message>
        <source>degrees, as the handbook has it; - for none</source>
        <translation>Grad laut Handbuch; - für keine</translation>
    </message>
    <message>
        <source>Handbook, at least</source>
        <translation>Handbuch, mindestens</translation>
    </message>
    <message>
        <source>Handbook, at most</source>
        <translation>Handbuch, höchstens</translation>
    </message>
    <message>
        <source>Dead centre after the exhaust stroke</source>
        <translation>Totpunkt nach dem Ausschieben</translation>
    </message>
    <message>
        <source>Igniter latches</source>
        <translation>Zünder klinkt ein</translation>
    </message>
    <message>
        <source>Igniter trips</source>
        <translation>Zünder reißt ab</translation>
    </message>
    <message>
        <source>String is off by</source>
        <translation>Fehler der Schnur</translation>
    </message>
    <message>
        <source>Valve moves a degree, opening</source>
        <translation>Ventilweg je Grad, öffnend</translation>
    </message>
    <message>
        <source>Valve moves a degree, closing</source>
        <translation>Ventilweg je Grad, schließend</translation>
    </message>
    <message>
        <source>Teeth of the cam&apos;s gear</source>
        <translation>Zähne des Nockenrads</translation>
    </message>
    <message>
        <source>a whole number; 0 for not known</source>
        <translation>eine ganze Zahl; 0 für nicht bekannt</translation>
    </message>
    <message>
        <source>A whole number of teeth up to 400.</source>
        <translation>Eine ganze Zahl von Zähnen bis 400.</translation>
    </message>
    <message>
        <source>Intake valve opens</source>
        <translation>Einlassventil öffnet</translation>
    </message>
    <message>
        <source>flywheel</source>
        <translation>Schwungrad</translation>
    </message>
    <message>
        <source>measure an arc again?</source>
        <translation>einen Bogen nachmessen?</translation>
    </message>
    <message>
        <source>from the circumference on</source>
        <translation>vom Umfang an</translation>
    </message>
    <message>
        <source>Down  the facts</source>
        <translation>Ab  die Angaben</translation>
    </message>
    <message>
        <source>Choose what it is first: Down leads to the facts.</source>
        <translation>Zuerst wählen, was es ist: Ab führt zu den Angaben.</translation>
    </message>
    <message>
        <source>The exhaust closes %1 after the dead centre.</source>
        <translation>Der Auslass schließt %1 nach dem Totpunkt.</translation>
    </message>
    <message>
        <source>The exhaust closes %1 before the dead centre.</source>
        <translation>Der Auslass schließt %1 vor dem Totpunkt.</translation>
    </message>
    <message>
        <source>It opens %1 before the outer dead centre.</source>
        <translation>Er öffnet %1 vor dem äußeren Totpunkt.</translation>
    </message>
    <message>
        <source>It opens %1 after the outer dead centre.</source>
        <translation>Er öffnet %1 nach dem äußeren Totpunkt.</translation>
    </message>
    <message>
        <source>The igniter trips %1 before the dead centre.</source>
        <translation>Der Zünder reißt %1 vor dem Totpunkt ab.</translation>
    </message>
    <message>
        <source>The igniter trips %1 after the dead centre.</source>
        <translation>Der Zünder reißt %1 nach dem Totpunkt ab.</translation>
    </message>
    <message>
        <source>From latch to trip %1.</source>
        <translation>Vom Einklinken zum Abriss %1.</translation>
    </message>
    <message>
        <source>A tooth of the cam&apos;s gear moves opening and closing by %1 alike.</source>
        <translation>Ein Zahn des Nockenrads verlegt Öffnen und Schließen gleichermaßen um %1.</translation>
    </message>
    <message>
        <source>%1 less lash opens it for %2 longer.</source>
        <translation>%1 weniger Ventilspiel öffnet %2 länger.</translation>
    </message>
    <message>
        <source>The air opens the intake valve: it has no lobe, and nothing waits for one.</source>
        <translation>Die Luft öffnet das Einlassventil: es hat keinen Nocken, und nichts wartet auf einen.</translation>
    </message>
    <message>
        <source>What was measured round the rim</source>
        <translation>Was am Kranz gemessen wurde</translation>
    </message>
    <message>
        <source>arcs round the rim</source>
        <translation>Bögen am Kranz</translation>
    </message>
    <message>
        <source>exhaust %1</source>
        <translation>Auslass %1</translation>
    </message>
    <message>
        <source>, below</source>
        <translation>, darunter</translation>
    </message>
    <message>
        <source>, above</source>
        <translation>, darüber</translation>
    </message>
    <message>
        <source>, within</source>
        <translation>, innerhalb</translation>
    </message>
    <message>
        <source>feeler gauge</source>
        <translation>Fühlerlehre</translation>
    </message>
    <message>
        <source>indicator on the rocker</source>
        <translation>Messuhr am Kipphebel</translation>
    </message>
    <message>
        <source>turns from zero lash, hydraulic</source>
        <translation>Umdrehungen ab Spiel null, hydraulisch</translation>
    </message>
    <message>
        <source>Where it is set</source>
        <translation>Wo eingestellt wird</translation>
    </message>
    <message>
        <source>Clear of the ramps</source>
        <translation>Abstand zu den Rampen</translation>
    </message>
    <message>
        <source>The maker&apos;s lash is for</source>
        <translation>Das Spiel des Herstellers gilt</translation>
    </message>
    <message>
        <source>Intake lash</source>
        <translation>Einlassspiel</translation>
    </message>
    <message>
        <source>Exhaust lash</source>
        <translation>Auslassspiel</translation>
    </message>
    <message>
        <source>Felt with</source>
        <translation>Gefühlt mit</translation>
    </message>
    <message>
        <source>Preload</source>
        <translation>Vorspannung</translation>
    </message>
    <message>
        <source>turns of the nut from no vertical play, as the maker says</source>
        <translation>Umdrehungen der Mutter ab keinem Höhenspiel, laut Hersteller</translation>
    </message>
    <message>
        <source>Pitch of its thread</source>
        <translation>Steigung ihres Gewindes</translation>
    </message>
    <message>
        <source>every valve is ticked</source>
        <translation>jedes Ventil ist abgehakt</translation>
    </message>
    <message>
        <source>begin another round</source>
        <translation>eine neue Runde beginnen</translation>
    </message>
    <message>
        <source>lash at %1</source>
        <translation>Spiel bei %1</translation>
    </message>
    <message>
        <source>set, the next</source>
        <translation>eingestellt, das nächste</translation>
    </message>
    <message>
        <source>0.35 left at   found 0.3   Down  facts</source>
        <translation>0,35 belassen   vorgefunden 0,3</translation>
    </message>
    <message>
        <source>No valve is in hand: the plan comes first.</source>
        <translation>Kein Ventil ist in der Hand: zuerst der Plan.</translation>
    </message>
    <message>
        <source>found</source>
        <translation>vorgefunden</translation>
    </message>
    <message>
        <source>%1 found at %2</source>
        <translation>%1 vorgefunden mit %2</translation>
    </message>
    <message>
        <source>%1 left at %2</source>
        <translation>%1 belassen auf %2</translation>
    </message>
    <message>
        <source>another round: no valve is ticked</source>
        <translation>eine neue Runde: kein Ventil ist abgehakt</translation>
    </message>
    <message>
        <source>the next school of where it is set</source>
        <translation>die nächste Schule, wo eingestellt wird</translation>
    </message>
    <message>
        <source>taken back</source>
        <translation>zurückgenommen</translation>
    </message>
    <message>
        <source>No valve to set.</source>
        <translation>Kein Ventil einzustellen.</translation>
    </message>
    <message>
        <source>Every valve is set: turn the engine over twice and check one again.</source>
        <translation>Jedes Ventil ist eingestellt: den Motor zweimal durchdrehen und eines nachprüfen.</translation>
    </message>
    <message>
        <source>Hydraulic: zero lash is where the push rod has no vertical play, though it still turns; then the maker&apos;s preload</source>
        <translation>Hydraulisch: Spiel null ist, wo die Stoßstange kein Höhenspiel hat, sich aber noch dreht; dann die Vorspannung des Herstellers</translation>
    </message>
    <message>
        <source>: %1 turns, %2 at the screw</source>
        <translation>: %1 Umdrehungen, %2 an der Schraube</translation>
    </message>
    <message>
        <source>For a hot engine: set it at running temperature, each valve quickly.</source>
        <translation>Für den warmen Motor: bei Betriebstemperatur einstellen, jedes Ventil zügig.</translation>
    </message>
    <message>
        <source>How the lash is set</source>
        <translation>Wie das Spiel eingestellt wird</translation>
    </message>
    <message>
        <source>found, since</source>
        <translation>vorgefunden, seither</translation>
    </message>
    <message>
        <source>, tighter by %1</source>
        <translation>, enger um %1</translation>
    </message>
    <message>
        <source>, wider by %1</source>
        <translation>, weiter um %1</translation>
    </message>
    <message>
        <source>0.35  at Lash</source>
        <translation>0,35  bei Ventilspiel</translation>
    </message>
    <message>
        <source>the valve in hand was left at 0.35, and is ticked</source>
        <translation>das Ventil in der Hand wurde auf 0,35 belassen und ist abgehakt</translation>
    </message>
    <message>
        <source>found 0.30  at Lash</source>
        <translation>vorgefunden 0,30  bei Ventilspiel</translation>
    </message>
    <message>
        <source>it was found at 0.30</source>
        <translation>es wurde mit 0,30 vorgefunden</translation>
    </message>
    <message>
        <source>%1 of %2 valves set</source>
        <translation>%1 von %2 Ventilen eingestellt</translation>
    </message>
    <message>
        <source>a port under the piston&apos;s skirt</source>
        <translation>ein Schlitz unter dem Kolbenhemd</translation>
    </message>
    <message>
        <source>reed valve</source>
        <translation>Membranventil</translation>
    </message>
    <message>
        <source>rotary valve</source>
        <translation>Drehschieber</translation>
    </message>
    <message>
        <source>degree wheel</source>
        <translation>Gradscheibe</translation>
    </message>
    <message>
        <source>gravity gauge on the crank</source>
        <translation>Schweremesser an der Kurbel</translation>
    </message>
    <message>
        <source>durations to file to, such as 186 190; - for none</source>
        <translation>Öffnungsdauern als Ziel, etwa 186 190; - für keine</translation>
    </message>
    <message>
        <source>A port is open for 60 to 240 degrees.</source>
        <translation>Ein Schlitz ist 60 bis 240 Grad offen.</translation>
    </message>
    <message>
        <source>Six of them at most.</source>
        <translation>Höchstens sechs.</translation>
    </message>
    <message>
        <source>Opens</source>
        <translation>Öffnet</translation>
    </message>
    <message>
        <source>degrees before TDC, light just shows; - for not known</source>
        <translation>Grad vor OT, Licht zeigt sich eben; - für nicht bekannt</translation>
    </message>
    <message>
        <source>degrees after TDC, light just shows; - for not known</source>
        <translation>Grad nach OT, Licht zeigt sich eben; - für nicht bekannt</translation>
    </message>
    <message>
        <source>Closes</source>
        <translation>Schließt</translation>
    </message>
    <message>
        <source>degrees after TDC; - for not known</source>
        <translation>Grad nach OT; - für nicht bekannt</translation>
    </message>
    <message>
        <source>degrees before TDC; - for not known</source>
        <translation>Grad vor OT; - für nicht bekannt</translation>
    </message>
    <message>
        <source>Edge below the deck</source>
        <translation>Kante unter der Dichtfläche</translation>
    </message>
    <message>
        <source>or by a ring set square in the bore; - for not known</source>
        <translation>oder mit einem gerade in die Bohrung gesetzten Ring; - für nicht bekannt</translation>
    </message>
    <message>
        <source>Width of one</source>
        <translation>Breite eines</translation>
    </message>
    <message>
        <source>Height of it</source>
        <translation>Seine Höhe</translation>
    </message>
    <message>
        <source>Corner radius</source>
        <translation>Eckenradius</translation>
    </message>
    <message>
        <source>Chamfer above the edge</source>
        <translation>Fase über der Kante</translation>
    </message>
    <message>
        <source>How many alike</source>
        <translation>Wie viele gleiche</translation>
    </message>
    <message>
        <source>1 to 12</source>
        <translation>1 bis 12</translation>
    </message>
    <message>
        <source>A whole number from 1 to 12.</source>
        <translation>Eine ganze Zahl von 1 bis 12.</translation>
    </message>
    <message>
        <source>Wanted</source>
        <translation>Gewünscht</translation>
    </message>
    <message>
        <source>Intake by</source>
        <translation>Einlass durch</translation>
    </message>
    <message>
        <source>Intake and the rest</source>
        <translation>Einlass und das Übrige</translation>
    </message>
    <message>
        <source>Crown&apos;s rim below the deck at TDC</source>
        <translation>Kolbenrand unter der Dichtfläche im OT</translation>
    </message>
    <message>
        <source>mm; minus above it</source>
        <translation>mm; minus darüber</translation>
    </message>
    <message>
        <source>Dome over its rim</source>
        <translation>Wölbung über dem Rand</translation>
    </message>
    <message>
        <source>Crankcase with the piston at BDC</source>
        <translation>Kurbelgehäuse, Kolben im UT</translation>
    </message>
    <message>
        <source>cc; 0 for not known</source>
        <translation>cm³; 0 für nicht bekannt</translation>
    </message>
    <message>
        <source>Angles read by</source>
        <translation>Winkel gelesen mit</translation>
    </message>
    <message>
        <source>Gauge at its bench mark, before</source>
        <translation>Messer an seiner Werkbankmarke, vorher</translation>
    </message>
    <message>
        <source>degrees; - for not read</source>
        <translation>Grad; - für nicht gelesen</translation>
    </message>
    <message>
        <source>Gauge at its bench mark, now</source>
        <translation>Messer an seiner Werkbankmarke, jetzt</translation>
    </message>
    <message>
        <source>ports</source>
        <translation>Schlitze</translation>
    </message>
    <message>
        <source>where does the piston stand?</source>
        <translation>wo steht der Kolben?</translation>
    </message>
    <message>
        <source>to the next edge</source>
        <translation>zur nächsten Kante</translation>
    </message>
    <message>
        <source>86  degrees after TDC   Down  the facts</source>
        <translation>86  Grad nach OT   Ab  Angaben</translation>
    </message>
    <message>
        <source>Degrees after TDC, up to a turn.</source>
        <translation>Grad nach OT, bis zu einer Umdrehung.</translation>
    </message>
    <message>
        <source>piston at %1 after TDC</source>
        <translation>Kolben %1 nach OT</translation>
    </message>
    <message>
        <source>the gauge at its bench mark again</source>
        <translation>den Messer wieder an seine Werkbankmarke</translation>
    </message>
    <message>
        <source>A gravity gauge loses its zero when the engine is tipped: read it at a mark on the bench before, and again after.</source>
        <translation>Ein Schweremesser verliert seine Null, wenn der Motor gekippt wird: vorher an einer Marke der Werkbank ablesen und nachher wieder.</translation>
    </message>
    <message>
        <source>Read the gauge at its bench mark again: was the engine tipped since?</source>
        <translation>Den Messer wieder an seiner Werkbankmarke ablesen: wurde der Motor seither gekippt?</translation>
    </message>
    <message>
        <source>The gauge reads %1 more at its bench mark than before: the engine was tipped, and the angles read in between are not to be trusted.</source>
        <translation>Der Messer zeigt an seiner Werkbankmarke %1 mehr als vorher: der Motor wurde gekippt, und den Winkeln dazwischen ist nicht zu trauen.</translation>
    </message>
    <message>
        <source>Stroke and rod at Engine come first.</source>
        <translation>Zuerst Hub und Pleuel bei Motor.</translation>
    </message>
    <message>
        <source>Turn to where light just shows at the exhaust port, and type the degrees after TDC.</source>
        <translation>Dorthin drehen, wo sich am Auslassschlitz eben Licht zeigt, und die Grad nach OT tippen.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>From its closing the cylinder compresses %1 : 1.</source>
        <translation>Ab seinem Schließen verdichtet der Zylinder %1 : 1.</translation>
    </message>
    <message>
        <source>The crankcase compresses %1 : 1 until the transfers open.</source>
        <translation>Das Kurbelgehäuse verdichtet %1 : 1, bis die Überströmer öffnen.</translation>
    </message>
    <message>
        <source>What is known of the ports</source>
        <translation>Was von den Schlitzen bekannt ist</translation>
    </message>
    <message>
        <source>no edge yet</source>
        <translation>noch keine Kante</translation>
    </message>
    <message>
        <source>86  at Ports</source>
        <translation>86  bei Schlitze</translation>
    </message>
    <message>
        <source>shows the piston 86 degrees after TDC</source>
        <translation>zeigt den Kolben 86 Grad nach OT</translation>
    </message>
    <message>
        <source>Ports</source>
        <translation>Schlitze</translation>
    </message>
    <message>
        <source>Spark wanted</source>
        <translation>Gewünschter Zündzeitpunkt</translation>
    </message>
    <message>
        <source>true degrees before TDC, such as 29; - for none</source>
        <translation>wahre Grad vor OT, etwa 29; - für keinen</translation>
    </message>
    <message>
        <source>%1 true; the factory mark is not read yet</source>
        <translation>%1 wahr; die Werksmarke ist noch nicht gelesen</translation>
    </message>
    <message>
        <source>for %1 true set the lamp to %2 on the factory mark</source>
        <translation>für %1 wahr die Lampe auf %2 an der Werksmarke stellen</translation>
    </message>
    <message>
        <source>; a true mark goes %1 %2 earlier the way it turns</source>
        <translation>; eine wahre Marke gehört %1 %2 früher in Drehrichtung</translation>
    </message>
    <message>
        <source>; a true mark goes %1 %2 later the way it turns</source>
        <translation>; eine wahre Marke gehört %1 %2 später in Drehrichtung</translation>
    </message>
    <message>
        <source>; so far off the tab may belong to another damper, or its ring has turned</source>
        <translation>; so weit daneben gehört die Zunge vielleicht zu einem anderen Dämpfer, oder sein Ring hat sich verdreht</translation>
    </message>
    <message>
        <source>exhaust opening, intake closed</source>
        <translation>Auslass öffnet, Einlass zu</translation>
    </message>
    <message>
        <source>each cylinder at its firing TDC</source>
        <translation>jeder Zylinder in seinem Zünd-OT</translation>
    </message>
    <message>
        <source>companion cylinder on overlap</source>
        <translation>Schwesterzylinder in Überschneidung</translation>
    </message>
    <message>
        <source>fewest stops</source>
        <translation>wenigste Halte</translation>
    </message>
    <message>
        <source>A two-stroke has no valves to set.</source>
        <translation>Ein Zweitakter hat keine Ventile einzustellen.</translation>
    </message>
    <message>
        <source>The firing order is not known, or cannot be: type it at Engine.</source>
        <translation>Die Zündfolge ist nicht bekannt oder kann nicht sein: bei Motor tippen.</translation>
    </message>
    <message>
        <source>Where the intake valves stand on their base circle is not known: measure a lobe down to it at Lobes, or type the cam&apos;s card at Engine.</source>
        <translation>Wo die Einlassventile auf ihrem Grundkreis stehen, ist nicht bekannt: bei Nocken einen bis dahin messen oder bei Motor das Datenblatt tippen.</translation>
    </message>
    <message>
        <source>Where the exhaust valves stand on their base circle is not known: measure a lobe down to it at Lobes, or type the cam&apos;s card at Engine.</source>
        <translation>Wo die Auslassventile auf ihrem Grundkreis stehen, ist nicht bekannt: bei Nocken einen bis dahin messen oder bei Motor das Datenblatt tippen.</translation>
    </message>
    <message>
        <source>Not every cylinder of this engine has another a whole turn away: by this school not every valve can be set.</source>
        <translation>Nicht jeder Zylinder dieses Motors hat einen anderen eine ganze Umdrehung weiter: nach dieser Schule lässt sich nicht jedes Ventil einstellen.</translation>
    </message>
    <message>
        <source>With this margin a valve is never clear of its ramps: ask for less.</source>
        <translation>Mit diesem Abstand ist ein Ventil nie frei von seinen Rampen: weniger verlangen.</translation>
    </message>
    <message>
        <source>intake %1</source>
        <translation>Einlass %1</translation>
    </message>
    <message>
        <source>Turn to %1, %2 after the overlap of cylinder 1: set %3.</source>
        <translation>Auf %1 drehen, %2 nach der Überschneidung von Zylinder 1: %3 einstellen.</translation>
    </message>
    <message>
        <source> Cylinder %1 is on overlap there.</source>
        <translation> Zylinder %1 steht dort in Überschneidung.</translation>
    </message>
    <message>
        <source> Not clear of the ramps with this cam: %1. Set it elsewhere.</source>
        <translation> Mit dieser Nockenwelle nicht frei von den Rampen: %1. Anderswo einstellen.</translation>
    </message>
    <message>
        <source>By the cam&apos;s card: its ramps are modelled and may reach further. A lobe measured to the base circle is surer.</source>
        <translation>Nach dem Datenblatt: die Rampen sind modelliert und reichen vielleicht weiter. Ein bis zum Grundkreis gemessener Nocken ist sicherer.</translation>
    </message>
    <message>
        <source>Hot or cold as the maker says; the maker&apos;s manual goes before this plan. Turn the engine by hand, plugs out and ignition off.</source>
        <translation>Warm oder kalt, wie der Hersteller sagt; sein Handbuch geht diesem Plan vor. Den Motor von Hand drehen, Kerzen heraus, Zündung aus.</translation>
    </message>
    <message>
        <source>longer</source>
        <translation>länger</translation>
    </message>
    <message>
        <source>exhaust port</source>
        <translation>Auslassschlitz</translation>
    </message>
    <message>
        <source>transfer ports</source>
        <translation>Überströmschlitze</translation>
    </message>
    <message>
        <source>intake port</source>
        <translation>Einlassschlitz</translation>
    </message>
    <message>
        <source>%1: opens %2 before TDC, open for %3%4; the skirt uncovers it with the piston %5 down</source>
        <translation>%1: öffnet %2 vor OT, offen für %3%4; das Hemd gibt ihn frei, wenn der Kolben %5 unten ist</translation>
    </message>
    <message>
        <source>%1: opens %2 after TDC, open for %3%4; its edge is %5 below the crown at TDC</source>
        <translation>%1: öffnet %2 nach OT, offen für %3%4; die Kante liegt %5 unter dem Kolbenrand im OT</translation>
    </message>
    <message>
        <source>blowdown %1</source>
        <translation>Vorauslass %1</translation>
    </message>
    <message>
        <source>the transfer opens %1 before the exhaust: read them again</source>
        <translation>der Überströmer öffnet %1 vor dem Auslass: beide nachlesen</translation>
    </message>
    <message>
        <source>; each %1 there is worth %2</source>
        <translation>; je %1 macht dort %2</translation>
    </message>
    <message>
        <source>%1 for %2: it stands there</source>
        <translation>%1 für %2: so steht die Kante</translation>
    </message>
    <message>
        <source>%1 for %2: the edge would stand %3%4 lower, %5 below the crown: that is not filed but filled, or the cylinder lowered</source>
        <translation>%1 für %2: die Kante läge %3%4 tiefer, %5 unter dem Kolbenrand: das wird nicht gefeilt, sondern gefüllt, oder der Zylinder gesenkt</translation>
    </message>
    <message>
        <source>%1 for %2: file the edge up by %3%4, to %5 below the crown</source>
        <translation>%1 für %2: die Kante um %3%4 nach oben feilen, bis %5 unter den Kolbenrand</translation>
    </message>
    <message>
        <source>%1: opening and closing do not lie alike about TDC: the wheel&apos;s zero is off by %2. Their mean is taken.</source>
        <translation>%1: Öffnen und Schließen liegen nicht gleich um den OT: die Null der Scheibe ist um %2 daneben. Ihr Mittel gilt.</translation>
    </message>
    <message>
        <source>%1: the edge measured stands %2 %3 than its angle has it: measure one of them again.</source>
        <translation>%1: die gemessene Kante liegt %2 %3, als ihr Winkel sagt: eines davon nachmessen.</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>tiefer</translation>
    </message>
    <message>
        <source>higher</source>
        <translation>höher</translation>
    </message>
    <message>
        <source>What is filed away does not come back: mark, file to half, measure again. Leave a chamfer for the ring, and no wider port than its pin and corners allow; the maker&apos;s limits hold.</source>
        <translation>Was weggefeilt ist, kommt nicht wieder: anreißen, bis zur Hälfte feilen, nachmessen. Dem Ring eine Fase lassen, und keinen Schlitz breiter als Ringstift und Ecken erlauben; die Grenzen des Herstellers gelten.</translation>
    </message>
    <message>
        <source>The circumference of the rim comes first: a string round it.</source>
        <translation>Zuerst der Umfang des Kranzes: eine Schnur darum.</translation>
    </message>
    <message>
        <source>An arc is from 0 up to two turns of the rim: measure it again.</source>
        <translation>Ein Bogen reicht von 0 bis zu zwei Umdrehungen: nachmessen.</translation>
    </message>
    <message>
        <source>Mark the rim where the exhaust valve opens and where it closes, and measure both arcs from one mark, the way the engine turns.</source>
        <translation>Am Kranz anreißen, wo das Auslassventil öffnet und wo es schließt, und beide Bögen ab einer Marke in Drehrichtung messen.</translation>
    </message>
    <message>
        <source>The exhaust is open for %1%2</source>
        <translation>Der Auslass ist %1%2 offen</translation>
    </message>
    <message>
        <source>at least %1</source>
        <translation>mindestens %1</translation>
    </message>
    <message>
        <source>at most %1</source>
        <translation>höchstens %1</translation>
    </message>
    <message>
        <source>: within the handbook&apos;s %1.</source>
        <translation>: innerhalb von %1 laut Handbuch.</translation>
    </message>
    <message>
        <source>: %1 under the handbook&apos;s %2.</source>
        <translation>: %1 unter %2 laut Handbuch.</translation>
    </message>
    <message>
        <source>: %1 over the handbook&apos;s %2.</source>
        <translation>: %1 über %2 laut Handbuch.</translation>
    </message>
    <message>
        <source> The string&apos;s error reaches over the bound: measure it again.</source>
        <translation> Der Fehler der Schnur reicht über die Grenze: nachmessen.</translation>
    </message>
    <message>
        <source> %1 more lash would bring it there.</source>
        <translation> %1 mehr Ventilspiel brächte es dahin.</translation>
    </message>
    <message>
        <source> %1 less lash would bring it there.</source>
        <translation> %1 weniger Ventilspiel brächte es dahin.</translation>
    </message>
    <message>
        <source> A tooth moves opening and closing alike and does not change it.</source>
        <translation> Ein Zahn verlegt Öffnen und Schließen gleichermaßen und ändert es nicht.</translation>
    </message>
    <message>
        <source>Chock the flywheel before a hand goes near it, ignition off and fuel shut; the engine&apos;s handbook goes before these figures.</source>
        <translation>Das Schwungrad festkeilen, ehe eine Hand in die Nähe kommt, Zündung aus, Kraftstoff zu; das Handbuch des Motors geht diesen Werten vor.</translation>
    </message>
    <message>
        <source>Ranked by fewest wishes failed, then fewest not known, then filling over the purpose, then measured before modelled; nothing is weighed in secret.</source>
        <translation>Gereiht nach wenigsten verfehlten Wünschen, dann wenigsten unbekannten, dann Füllung über den Zweck, dann gemessen vor modelliert; nichts wird im Geheimen gewichtet.</translation>
    </message>
    <message>
        <source>%1 at the %2 valve</source>
        <translation>%1 am %2ventil</translation>
    </message>
    <message>
        <source>the clearance of neither is known</source>
        <translation>der Freigang ist von keiner bekannt</translation>
    </message>
    <message>
        <source>both keep the clearance</source>
        <translation>beide halten den Freigang ein</translation>
    </message>
    <message>
        <source>%1 lacks %2</source>
        <translation>%1 fehlen %2</translation>
    </message>
    <message>
        <source>the clearance of %1 is not known</source>
        <translation>der Freigang von %1 ist nicht bekannt</translation>
    </message>
    <message>
        <source>fills as well within what an estimate can tell</source>
        <translation>füllt gleich gut, so weit eine Schätzung das sagen kann</translation>
    </message>
    <message>
        <source>fills %1</source>
        <translation>füllt %1</translation>
    </message>
    <message>
        <source>its card leaves the intake closing open by %1%2: measure it before you order</source>
        <translation>ihr Datenblatt lässt das Schließen des Einlasses um %1%2 offen: vor dem Bestellen messen</translation>
    </message>
    <message>
        <source>%1 against %2: %3.</source>
        <translation>%1 gegen %2: %3.</translation>
    </message>
    <message>
        <source>fills over the purpose like %1</source>
        <translation>füllt über den Zweck wie %1</translation>
    </message>
    <message>
        <source>fills %1 % more over the purpose than %2</source>
        <translation>füllt über den Zweck %1 % mehr als %2</translation>
    </message>
    <message>
        <source>fills %1 % less over the purpose than %2</source>
        <translation>füllt über den Zweck %1 % weniger als %2</translation>
    </message>
    <message>
        <source>: what is open of %1 falls from %2%3 to about %2%4</source>
        <translation>: was bei %1 offen ist, sinkt von %2%3 auf etwa %2%4</translation>
    </message>
    <message>
        <source>: without it %1 is not known</source>
        <translation>: ohne sie ist %1 nicht bekannt</translation>
    </message>
    <message>
        <source>What would settle it: a clearance map%1.</source>
        <translation>Was es entscheidet: eine Freigangsmessung%1.</translation>
    </message>
    <message>
        <source>What would settle it: the lobes of %1, measured%2.</source>
        <translation>Was es entscheidet: die Nocken von %1, gemessen%2.</translation>
    </message>
    <message>
        <source>What would settle it: the durations of %1 at %2 too%3.</source>
        <translation>Was es entscheidet: die Öffnungsdauern von %1 auch bei %2%3.</translation>
    </message>
    <message>
        <source>What would settle it: the valve pressed at %1 as well%2.</source>
        <translation>Was es entscheidet: das Ventil auch bei %1 gedrückt%2.</translation>
    </message>
    <message>
        <source>%1 before TDC</source>
        <translation>%1 vor OT</translation>
    </message>
    <message>
        <source>%1 after TDC</source>
        <translation>%1 nach OT</translation>
    </message>
    <message>
        <source>What would settle it: the lengths of the pipes. From short to long ones %1 differs by %2 % over the purpose; with them one figure stands.</source>
        <translation>Was es entscheidet: die Längen der Rohre. Von kurzen zu langen unterscheidet sich %1 um %2 % über den Zweck; mit ihnen steht ein Wert.</translation>
    </message>
    <message>
        <source>%1 fills best over the purpose where it stands.</source>
        <translation>%1 füllt über den Zweck am besten, wo sie steht.</translation>
    </message>
    <message>
        <source>%1 fills best over the purpose with %2: %3 % more.</source>
        <translation>%1 füllt über den Zweck am besten mit %2: %3 % mehr.</translation>
    </message>
    <message>
        <source> %1 clearance %2 to %3.</source>
        <translation> Freigang %1 %2 auf %3.</translation>
    </message>
    <message>
        <source>Burned gas left at %1 per minute: %2.</source>
        <translation>Restgas bei %1 je Minute: %2.</translation>
    </message>
    <message>
        <source> Torque per litre at its best, one efficiency for all, %1 as 100: %2.</source>
        <translation> Drehmoment je Liter im Bestpunkt, ein Wirkungsgrad für alle, %1 als 100: %2.</translation>
    </message>
    <message>
        <source>Preferences…</source>
        <translation>Einstellungen…</translation>
    </message>
    <message>
        <source>a tick when a reading is logged</source>
        <translation>ein Ticken, wenn ein Messwert aufgenommen ist</translation>
    </message>
    <message>
        <source>read out what is asked, at the stand</source>
        <translation>am Motorständer vorlesen, was gefragt wird</translation>
    </message>
    <message>
        <source>Preferences</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Lengths in</source>
        <translation>Längen in</translation>
    </message>
    <message>
        <source>Shown</source>
        <translation>Darstellung</translation>
    </message>
    <message>
        <source>Size of everything</source>
        <translation>Größe von allem</translation>
    </message>
    <message numerus="yes">
        <source>%n more figures are alike within what is known.</source>
        <translation>
            <numerusform>%n weiterer Wert ist gleich, so weit man weiß.</numerusform>
            <numerusform>%n weitere Werte sind gleich, so weit man weiß.</numerusform>
        </translation>
    </message>
    <message>
        <source>At this station</source>
        <translation>An dieser Station</translation>
    </message>
    <message>
        <source>nothing by a letter</source>
        <translation>nichts durch einen Buchstaben</translation>
    </message>
    <message>
        <source>overlap %1 less</source>
        <translation>Überschneidung %1 weniger</translation>
    </message>
    <message>
        <source>overlap %1 more</source>
        <translation>Überschneidung %1 mehr</translation>
    </message>
    <message>
        <source>with %1 %2 lash it opens for %3 %4, %7, and lands at %5 mm a degree in place of %6.</source>
        <translation>mit %1 %2 Spiel öffnet es %3 %4, %7, und setzt mit %5 mm je Grad auf statt mit %6.</translation>
    </message>
    <message>
        <source>level 0.12  at Timing</source>
        <translation>gleich 0,12  bei Steuerzeiten</translation>
    </message>
    <message>
        <source>the intake stands 0.12 further open as the valves rock: how far past level that is</source>
        <translation>der Einlass steht beim Schaukeln 0,12 weiter offen: wie weit das nach Gleichstand ist</translation>
    </message>
    <message>
        <source>By how much the intake valve stands further open than the exhaust as they rock, such as level 0.12; minus for less.</source>
        <translation>Um wie viel das Einlassventil beim Schaukeln weiter offen steht als das Auslassventil, etwa level 0.12; minus für weniger.</translation>
    </message>
    <message>
        <source>Level is told by both lobes of this cylinder, measured.</source>
        <translation>Gleichstand sagen beide Nocken dieses Zylinders, gemessen.</translation>
    </message>
    <message>
        <source>%1 past level</source>
        <translation>%1 nach Gleichstand</translation>
    </message>
    <message>
        <source>%1 before level</source>
        <translation>%1 vor Gleichstand</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>Pressed</source>
        <translation>Gedrückt</translation>
    </message>
    <message>
        <source>What was mocked up: springs, gasket, gauge</source>
        <translation>Was aufgebaut wurde: Federn, Dichtung, Messmittel</translation>
    </message>
    <message>
        <source>Least clearances, the crown and the phaser</source>
        <translation>Mindestabstände, Kolbenboden und Nockenwellenversteller</translation>
    </message>
    <message>
        <source>A new map of this valve</source>
        <translation>Eine neue Messreihe dieses Ventils</translation>
    </message>
    <message>
        <source>What a cam has to meet, and its limits</source>
        <translation>Was eine Nockenwelle erfüllen muss, und ihre Grenzen</translation>
    </message>
    <message>
        <source>What the engine is for: speeds and their weight</source>
        <translation>Wofür der Motor ist: Drehzahlen und ihr Gewicht</translation>
    </message>
    <message>
        <source>Every cam of this book</source>
        <translation>Jede Nockenwelle dieses Buchs</translation>
    </message>
    <message>
        <source>Show the figures that are left out</source>
        <translation>Die weggelassenen Werte zeigen</translation>
    </message>
    <message>
        <source>Lift</source>
        <translation>Hub</translation>
    </message>
    <message>
        <source>The indicator stands on the tappet</source>
        <translation>Die Messuhr steht auf dem Stößel</translation>
    </message>
    <message>
        <source>The indicator stands on the valve</source>
        <translation>Die Messuhr steht auf dem Ventil</translation>
    </message>
    <message numerus="yes">
        <source>A reading every %n degrees</source>
        <translation>
            <numerusform>Eine Messung bei jedem Grad</numerusform>
            <numerusform>Eine Messung alle %n Grad</numerusform>
        </translation>
    </message>
    <message>
        <source>Only where it opens and closes is taken</source>
        <translation>Nur Öffnen und Schließen wird gemessen</translation>
    </message>
    <message>
        <source>The centre from two equal lifts, one each side of the nose</source>
        <translation>Die Mitte aus zwei gleichen Hüben beiderseits der Spitze</translation>
    </message>
    <message>
        <source>How this run is taken</source>
        <translation>Wie dieser Durchgang gemessen wird</translation>
    </message>
    <message>
        <source>Another run of this lobe, beside those taken</source>
        <translation>Ein weiterer Durchgang dieses Nockens neben den bisherigen</translation>
    </message>
    <message>
        <source>Entry</source>
        <translation>Eintrag</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>Leave this part out, or put it in again</source>
        <translation>Diesen Teil weglassen oder wieder aufnehmen</translation>
    </message>
    <message>
        <source>Paper of Letter size; else A4</source>
        <translation>Papier im Format Letter, sonst A4</translation>
    </message>
    <message>
        <source>One page of the cam alone, for whoever grinds it</source>
        <translation>Eine Seite nur der Nockenwelle, für den Schleifer</translation>
    </message>
    <message>
        <source>The pages as they are printed</source>
        <translation>Die Seiten, wie sie gedruckt werden</translation>
    </message>
    <message>
        <source>Measured</source>
        <translation>Gemessen</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>Contact</source>
        <translation>Berührung</translation>
    </message>
    <message>
        <source>TDC is found this way</source>
        <translation>So wird der OT gefunden</translation>
    </message>
    <message>
        <source>How the wheel on the crank is numbered</source>
        <translation>Wie die Gradscheibe an der Kurbelwelle beziffert ist</translation>
    </message>
    <message>
        <source>Everywhere, the lobe centre is found this way</source>
        <translation>Überall wird die Nockenmitte so bestimmt</translation>
    </message>
    <message>
        <source>How fast the crank is turned, and which way</source>
        <translation>Wie schnell und wohin die Kurbelwelle gedreht wird</translation>
    </message>
    <message>
        <source>arrows</source>
        <translation>Pfeiltasten</translation>
    </message>
    <message>
        <source>The simulated hand goes where the program asks</source>
        <translation>Die simulierte Hand dreht dorthin, wohin das Programm fragt</translation>
    </message>
    <message>
        <source>The crank stands still</source>
        <translation>Die Kurbelwelle steht still</translation>
    </message>
    <message>
        <source>The dial is set on this</source>
        <translation>Die Messuhr steht hierauf</translation>
    </message>
    <message>
        <source>The bench does this from now on</source>
        <translation>Der Messplatz tut dies von jetzt an</translation>
    </message>
    <message>
        <source>Down until it meets the piston</source>
        <translation>Hinunter, bis es den Kolben berührt</translation>
    </message>
    <message>
        <source>Faults a real bench has, one by one</source>
        <translation>Fehler, die ein echter Messplatz hat, einzeln</translation>
    </message>
    <message numerus="yes">
        <source>No copy of this book was saved elsewhere for %n days. Ctrl+S saves one; on another disk it outlives this one.</source>
        <translation>
            <numerusform>Seit %n Tag wurde keine Kopie dieses Buchs anderswo gesichert. Strg+S sichert eine; auf einem anderen Datenträger überlebt sie diesen.</numerusform>
            <numerusform>Seit %n Tagen wurde keine Kopie dieses Buchs anderswo gesichert. Strg+S sichert eine; auf einem anderen Datenträger überlebt sie diesen.</numerusform>
        </translation>
    </message>
    <message>
        <source>The ports this machine has</source>
        <translation>Die Anschlüsse dieses Rechners</translation>
    </message>
    <message>
        <source>Listen at the port chosen</source>
        <translation>Am gewählten Anschluss hören</translation>
    </message>
    <message>
        <source>Listen at a file another program writes to</source>
        <translation>An einer Datei hören, in die ein anderes Programm schreibt</translation>
    </message>
    <message>
        <source>Hear again what was kept</source>
        <translation>Aufgezeichnetes noch einmal hören</translation>
    </message>
    <message>
        <source>A made-up engine with dial and encoder, to try it</source>
        <translation>Ein erfundener Motor mit Messuhr und Drehgeber zum Ausprobieren</translation>
    </message>
    <message>
        <source>Write all that is heard into a file</source>
        <translation>Alles Gehörte in eine Datei schreiben</translation>
    </message>
    <message>
        <source>Listen to it no more</source>
        <translation>Nicht mehr darauf hören</translation>
    </message>
    <message>
        <source>The crank stands at TDC now: count from here</source>
        <translation>Die Kurbelwelle steht jetzt im OT: von hier zählen</translation>
    </message>
    <message>
        <source>Another name, typed in the line above</source>
        <translation>Ein anderer Name, oben in die Zeile getippt</translation>
    </message>
    <message>
        <source>The whole job, its sheet, figures or readings as a file</source>
        <translation>Der ganze Auftrag, sein Blatt, Werte oder Messungen als Datei</translation>
    </message>
    <message>
        <source>A new job of the same engine</source>
        <translation>Ein neuer Auftrag mit demselben Motor</translation>
    </message>
    <message>
        <source>A new job of the same engine and its cards</source>
        <translation>Ein neuer Auftrag mit demselben Motor und seinen Datenblättern</translation>
    </message>
    <message>
        <source>A new job with all that was measured</source>
        <translation>Ein neuer Auftrag mit allem Gemessenen</translation>
    </message>
    <message>
        <source>Out of the list, or into it again; nothing is lost</source>
        <translation>Aus der Liste oder wieder hinein; nichts geht verloren</translation>
    </message>
    <message>
        <source>Out of the book; Take back brings it again</source>
        <translation>Aus dem Buch; Zurücknehmen bringt ihn wieder</translation>
    </message>
    <message>
        <source>What was just done here, undone</source>
        <translation>Was hier eben geschah, rückgängig</translation>
    </message>
    <message>
        <source>%1; that was at %2</source>
        <translation>%1; das war bei %2</translation>
    </message>
    <message>
        <source>light, high contrast</source>
        <translation>hell, hoher Kontrast</translation>
    </message>
    <message>
        <source>dark, high contrast</source>
        <translation>dunkel, hoher Kontrast</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>Paper of a sheet</source>
        <translation>Papier des Blatts</translation>
    </message>
    <message>
        <source>Who measures, in new jobs</source>
        <translation>Wer misst, in neuen Aufträgen</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
    <message numerus="yes">
        <source>after %n days</source>
        <translation>
            <numerusform>nach %n Tag</numerusform>
            <numerusform>nach %n Tagen</numerusform>
        </translation>
    </message>
    <message>
        <source>Remind of a copy elsewhere</source>
        <translation>An eine Kopie anderswo erinnern</translation>
    </message>
    <message>
        <source>Each changes at once; at Sheet, one job&apos;s name and paper can be others. Language and size start the window anew; nothing typed is lost. Esc leads back.</source>
        <translation>Jedes gilt sofort; bei Blatt können Name und Papier eines Auftrags andere sein. Sprache und Größe starten das Fenster neu; nichts Getipptes geht verloren. Esc führt zurück.</translation>
    </message>
    <message>
        <source>Which figures stand on the slate</source>
        <translation>Welche Werte auf der Tafel stehen</translation>
    </message>
    <message>
        <source>The cylinder at hand</source>
        <translation>Der Zylinder, an dem gearbeitet wird</translation>
    </message>
    <message>
        <source>The lobe at hand is this one</source>
        <translation>An diesem Nocken wird gearbeitet</translation>
    </message>
    <message>
        <source>Large, for the stand beside the engine, or the desk</source>
        <translation>Groß für den Stand neben dem Motor, oder für den Tisch</translation>
    </message>
    <message>
        <source>Cylinder %1 is at hand</source>
        <translation>An Zylinder %1 wird gearbeitet</translation>
    </message>
    <message>
        <source>Type a name for this job in the line below and press Enter: the engine, the motor&apos;s number, whatever you will know it by.

From then on the line asks for one thing after another, in working order: the engine, its TDC, the lift of each lobe.

Everything typed is on disk when the line clears, and a wrong reading is struck, never lost.</source>
        <translation>Einen Namen für diesen Auftrag in die Zeile unten tippen und Eingabe drücken: der Motor, seine Nummer, woran man ihn wiedererkennt.

Von da an fragt die Zeile eines nach dem anderen ab, in der Reihenfolge der Arbeit: den Motor, seinen OT, den Hub jedes Nockens.

Alles Getippte ist gesichert, sobald die Zeile leer wird, und eine falsche Messung wird gestrichen, nie verloren.</translation>
    </message>
    <message>
        <source>A book of finished jobs to look around in; yours is not touched</source>
        <translation>Ein Buch fertiger Aufträge zum Umsehen; das eigene bleibt unberührt</translation>
    </message>
    <message>
        <source>note</source>
        <comment>typed at the line</comment>
        <translation>notiz</translation>
    </message>
    <message>
        <source>photo</source>
        <comment>typed at the line</comment>
        <translation>foto</translation>
    </message>
    <message>
        <source>there and back</source>
        <comment>typed at the line</comment>
        <translation>hin und her</translation>
    </message>
    <message>
        <source>stop</source>
        <comment>typed at the line</comment>
        <translation>anschlag</translation>
    </message>
    <message>
        <source>drop</source>
        <comment>typed at the line</comment>
        <translation>absenkung</translation>
    </message>
    <message>
        <source>port</source>
        <comment>typed at the line</comment>
        <translation>kanal</translation>
    </message>
    <message>
        <source>highest</source>
        <comment>typed at the line</comment>
        <translation>höchste</translation>
    </message>
    <message>
        <source>wheel</source>
        <comment>typed at the line</comment>
        <translation>scheibe</translation>
    </message>
    <message>
        <source>step</source>
        <comment>typed at the line</comment>
        <translation>schritt</translation>
    </message>
    <message>
        <source>zero</source>
        <comment>typed at the line</comment>
        <translation>null</translation>
    </message>
    <message>
        <source>curve</source>
        <comment>typed at the line</comment>
        <translation>kurve</translation>
    </message>
    <message>
        <source>events</source>
        <comment>typed at the line</comment>
        <translation>steuerpunkte</translation>
    </message>
    <message>
        <source>once</source>
        <comment>typed at the line</comment>
        <translation>einmal</translation>
    </message>
    <message>
        <source>centre</source>
        <comment>typed at the line</comment>
        <translation>mitte</translation>
    </message>
    <message>
        <source>valve</source>
        <comment>typed at the line</comment>
        <translation>ventil</translation>
    </message>
    <message>
        <source>tappet</source>
        <comment>typed at the line</comment>
        <translation>stößel</translation>
    </message>
    <message>
        <source>light</source>
        <comment>typed at the line</comment>
        <translation>leicht</translation>
    </message>
    <message>
        <source>each</source>
        <comment>typed at the line</comment>
        <translation>jede</translation>
    </message>
    <message>
        <source>repeat</source>
        <comment>typed at the line</comment>
        <translation>wiederholt</translation>
    </message>
    <message>
        <source>lash</source>
        <comment>typed at the line</comment>
        <translation>spiel</translation>
    </message>
    <message>
        <source>other</source>
        <comment>typed at the line</comment>
        <translation>anderer</translation>
    </message>
    <message>
        <source>timing</source>
        <comment>typed at the line</comment>
        <translation>steuerzeiten</translation>
    </message>
    <message>
        <source>another pass</source>
        <comment>typed at the line</comment>
        <translation>weiterer durchgang</translation>
    </message>
    <message>
        <source>pass</source>
        <comment>typed at the line</comment>
        <translation>durchgang</translation>
    </message>
    <message>
        <source>level</source>
        <comment>typed at the line</comment>
        <translation>gleich</translation>
    </message>
    <message>
        <source>made</source>
        <comment>typed at the line</comment>
        <translation>gestellt</translation>
    </message>
    <message>
        <source>one angle</source>
        <comment>typed at the line</comment>
        <translation>ein winkel</translation>
    </message>
    <message>
        <source>map</source>
        <comment>typed at the line</comment>
        <translation>messreihe</translation>
    </message>
    <message>
        <source>tightest</source>
        <comment>typed at the line</comment>
        <translation>engste</translation>
    </message>
    <message>
        <source>clay</source>
        <comment>typed at the line</comment>
        <translation>knetmasse</translation>
    </message>
    <message>
        <source>gasket</source>
        <comment>typed at the line</comment>
        <translation>dichtung</translation>
    </message>
    <message>
        <source>spacer</source>
        <comment>typed at the line</comment>
        <translation>zwischenlage</translation>
    </message>
    <message>
        <source>reach</source>
        <comment>typed at the line</comment>
        <translation>erreichen</translation>
    </message>
    <message>
        <source>ratio</source>
        <comment>typed at the line</comment>
        <translation>übersetzung</translation>
    </message>
    <message>
        <source>found</source>
        <comment>typed at the line</comment>
        <translation>vorgefunden</translation>
    </message>
    <message>
        <source>shorter</source>
        <comment>typed at the line</comment>
        <translation>kürzer</translation>
    </message>
    <message>
        <source>copy</source>
        <comment>typed at the line</comment>
        <translation>kopie</translation>
    </message>
    <message>
        <source>ref</source>
        <comment>typed at the line</comment>
        <translation>bezug</translation>
    </message>
    <message>
        <source>name</source>
        <comment>typed at the line</comment>
        <translation>name</translation>
    </message>
    <message>
        <source>choose</source>
        <comment>typed at the line</comment>
        <translation>wählen</translation>
    </message>
    <message>
        <source>because</source>
        <comment>typed at the line</comment>
        <translation>weil</translation>
    </message>
    <message>
        <source>part</source>
        <comment>typed at the line</comment>
        <translation>teil</translation>
    </message>
    <message>
        <source>bolts</source>
        <comment>typed at the line</comment>
        <translation>schrauben</translation>
    </message>
    <message>
        <source>float</source>
        <comment>typed at the line</comment>
        <translation>axialspiel</translation>
    </message>
    <message>
        <source>order</source>
        <comment>typed at the line</comment>
        <translation>bestellen</translation>
    </message>
    <message>
        <source>find</source>
        <comment>typed at the line</comment>
        <translation>suchen</translation>
    </message>
    <message>
        <source>only</source>
        <comment>typed at the line</comment>
        <translation>nur</translation>
    </message>
    <message>
        <source>readings</source>
        <comment>typed at the line</comment>
        <translation>messungen</translation>
    </message>
    <message>
        <source>done</source>
        <comment>typed at the line</comment>
        <translation>erledigt</translation>
    </message>
    <message>
        <source>gone</source>
        <comment>typed at the line</comment>
        <translation>ausgebaut</translation>
    </message>
    <message>
        <source>print</source>
        <comment>typed at the line</comment>
        <translation>drucken</translation>
    </message>
    <message>
        <source>card</source>
        <comment>typed at the line</comment>
        <translation>datenblatt</translation>
    </message>
    <message>
        <source>by</source>
        <comment>typed at the line</comment>
        <translation>von</translation>
    </message>
    <message>
        <source>out</source>
        <comment>typed at the line</comment>
        <translation>ohne</translation>
    </message>
    <message>
        <source>verdict</source>
        <comment>typed at the line</comment>
        <translation>urteil</translation>
    </message>
    <message>
        <source>engine</source>
        <comment>typed at the line</comment>
        <translation>motor</translation>
    </message>
    <message>
        <source>pictures</source>
        <comment>typed at the line</comment>
        <translation>bilder</translation>
    </message>
    <message>
        <source>figures</source>
        <comment>typed at the line</comment>
        <translation>werte</translation>
    </message>
    <message>
        <source>setting</source>
        <comment>typed at the line</comment>
        <translation>einstellung</translation>
    </message>
    <message>
        <source>clearance</source>
        <comment>typed at the line</comment>
        <translation>abstand</translation>
    </message>
    <message>
        <source>compression</source>
        <comment>typed at the line</comment>
        <translation>verdichtung</translation>
    </message>
    <message>
        <source>measured</source>
        <comment>typed at the line</comment>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>springs</source>
        <comment>typed at the line</comment>
        <translation>federn</translation>
    </message>
    <message>
        <source>cams</source>
        <comment>typed at the line</comment>
        <translation>nockenwellen</translation>
    </message>
    <message>
        <source>built</source>
        <comment>typed at the line</comment>
        <translation>verbaut</translation>
    </message>
    <message>
        <source>notes</source>
        <comment>typed at the line</comment>
        <translation>notizen</translation>
    </message>
    <message>
        <source>Jobs that were put away stand in the list as well</source>
        <translation>Auch weggelegte Aufträge stehen in der Liste</translation>
    </message>
    <message>
        <source>At TDC on overlap the dots of both wheels face each other; at TDC as cylinder 1 fires the crank&apos;s is where it was, and the cam&apos;s, with its dowel, opposite.</source>
        <translation>Im Überschneidungs-OT stehen die Punkte beider Räder einander gegenüber; im Zünd-OT von Zylinder 1 steht der an der Kurbelwelle wie zuvor, der an der Nockenwelle mit ihrem Passstift entgegengesetzt.</translation>
    </message>
    <message>
        <source>TDC firing</source>
        <translation>Zünd-OT</translation>
    </message>
    <message>
        <source>TDC on overlap</source>
        <translation>Überschneidungs-OT</translation>
    </message>
    <message>
        <source>Amber: paint. Black: the dowel or keyway in use. A maker&apos;s own dots may face at either top.</source>
        <translation>Bernstein: Farbe. Schwarz: der benutzte Passstift oder die Nut. Punkte des Herstellers können sich in jedem der beiden gegenüberstehen.</translation>
    </message>
    <message>
        <source>The crank circle with the events of both lobes, and their lift along the degrees; what is drawn stands in figures below.</source>
        <translation>Der Kurbelkreis mit den Steuerzeiten beider Nocken und ihr Hub über den Graden; das Gezeichnete steht darunter in Zahlen.</translation>
    </message>
    <message>
        <source>The reed opens as the crankcase draws: there is no timing of it to read.</source>
        <translation>Die Membran öffnet, wenn das Kurbelgehäuse saugt: eine Steuerzeit ist an ihr nicht abzulesen.</translation>
    </message>
    <message>
        <source>%1: the rotary valve opens %2 before TDC and closes %3 after it, open for %4</source>
        <translation>%1: der Drehschieber öffnet %2 vor OT und schließt %3 danach, offen über %4</translation>
    </message>
    <message>
        <source>Turn the cam until both followers of cylinder 1 stand equally high: the split point, exhaust closing and intake opening. A straightedge over both, or two indicators: what they differ by is degrees at Timing, level 0.12.</source>
        <translation>Die Nockenwelle drehen, bis beide Stößel von Zylinder 1 gleich hoch stehen: der Überschneidungspunkt, Auslass schließt und Einlass öffnet. Ein Haarlineal über beide, oder zwei Messuhren: worin sie sich unterscheiden, sind Grade bei Steuerzeiten, gleich 0,12.</translation>
    </message>
    <message>
        <source>Hold the crank, and paint what stands together: a dot on each wheel where they face, and one where the dowel or keyway is. It stands on overlap.</source>
        <translation>Die Kurbelwelle festhalten und markieren, was zusammensteht: ein Punkt auf jedem Rad, wo sie sich gegenüberstehen, und einer bei Passstift oder Nut. Es steht auf Überschneidung.</translation>
    </message>
    <message>
        <source>A whole turn of the crank on, 360%1, is the firing top of cylinder 1: the crank&apos;s dot is back, the cam&apos;s stands opposite. Paint that one too; there the rotor or trigger belongs to cylinder 1. One set on overlap fires 360%1 out: it spits through intake and exhaust, and does not start.</source>
        <translation>Eine ganze Umdrehung der Kurbelwelle weiter, 360%1, ist der Zünd-OT von Zylinder 1: der Punkt der Kurbelwelle ist zurück, der der Nockenwelle steht entgegengesetzt. Auch diesen markieren; dort gehört der Verteilerfinger oder Geber zu Zylinder 1. Auf Überschneidung gestellt zündet er 360%1 falsch: es patscht aus Einlass und Auslass, und er springt nicht an.</translation>
    </message>
    <message>
        <source>Touch the stop from both sides once more at TDC: it must come out as before.</source>
        <translation>Bei OT den Anschlag noch einmal von beiden Seiten anfahren: es muss herauskommen wie zuvor.</translation>
    </message>
    <message>
        <source>Being worked out; everything typed is kept.</source>
        <translation>Wird noch ausgerechnet; alles Getippte ist gesichert.</translation>
    </message>
    <message>
        <source>Shift+F10</source>
        <translation>Umschalt+F10</translation>
    </message>
    <message>
        <source>the menu of what has the keys: save, copy or print a picture</source>
        <translation>das Menü dessen, was die Tasten hat: ein Bild sichern, kopieren oder drucken</translation>
    </message>
    <message>
        <source>%1 is open for reading only: %2. Nothing was logged. Ctrl+Shift+S keeps what is in hand as a book of yours, which can be changed unless a newer version wrote it.</source>
        <translation>%1 ist nur zum Lesen geöffnet: %2. Es wurde nichts aufgenommen. Strg+Umschalt+S sichert, was in Arbeit ist, als eigenes Buch; es lässt sich ändern, außer eine neuere Version hat es geschrieben.</translation>
    </message>
    <message>
        <source>this edge passes after TDC. Turn on to it, or type it.</source>
        <translation>diese Kante kommt nach OT. Bis dorthin drehen oder den Wert tippen.</translation>
    </message>
    <message>
        <source>this edge passes before TDC. Turn on to it, or type it.</source>
        <translation>diese Kante kommt vor OT. Bis dorthin drehen oder den Wert tippen.</translation>
    </message>
    <message>
        <source>%1 mm² wide open; %2 s·mm² for each cc at %3 per minute, where the gas passes at %4 m/s on the mean. By %7 to %8 m/s it suits %5 to %6 per minute.</source>
        <translation>%1 mm² ganz offen; %2 s·mm² je cm³ bei %3 je Minute, wobei das Gas im Mittel mit %4 m/s hindurchgeht. Bei %7 bis %8 m/s passt er zu %5 bis %6 je Minute.</translation>
    </message>
    <message>
        <source>who measures</source>
        <translation>wer misst</translation>
    </message>
    <message>
        <source>cams to compare</source>
        <translation>Nockenwellen im Vergleich</translation>
    </message>
    <message>
        <source>cam to compare with</source>
        <translation>Nockenwelle, mit der verglichen wird</translation>
    </message>
    <message>
        <source>decision</source>
        <translation>Entscheidung</translation>
    </message>
    <message>
        <source>height of a spring</source>
        <translation>Höhe einer Feder</translation>
    </message>
    <message>
        <source>load of a spring</source>
        <translation>Kraft einer Feder</translation>
    </message>
    <message>
        <source>trial of a push rod</source>
        <translation>Versuch mit einer Stoßstange</translation>
    </message>
    <message>
        <source>lash of a valve</source>
        <translation>Spiel eines Ventils</translation>
    </message>
    <message>
        <source>valve ticked</source>
        <translation>abgehaktes Ventil</translation>
    </message>
    <message>
        <source>height it is advertised at</source>
        <translation>Höhe des Katalogwerts</translation>
    </message>
    <message numerus="yes">
        <source>%1: %2 and %n more</source>
        <translation>
            <numerusform>%1: %2 und %n weitere</numerusform>
            <numerusform>%1: %2 und %n weitere</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of the %2 map</source>
        <translation>%1 der Messreihe %2</translation>
    </message>
    <message>
        <source>As it was stated</source>
        <translation>Wie es angegeben wurde</translation>
    </message>
    <message>
        <source>as stated</source>
        <translation>Angaben</translation>
    </message>
    <message>
        <source>name of the engine</source>
        <translation>Name des Motors</translation>
    </message>
    <message>
        <source>name of the cam</source>
        <translation>Name der Nockenwelle</translation>
    </message>
</context>
</TS>
