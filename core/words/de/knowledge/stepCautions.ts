import type { texts as en } from '../../en/knowledge/stepCautions';

export const texts: typeof en = {
  aCarThatRolls:
    'Ein rollendes Auto kann töten. Leg zuerst Keile an. Für Arbeiten hinten muss die Feststellbremse gelöst sein; bei einer elektrischen folg dem Servicebetrieb im Handbuch.',
  neverGoUnderA:
    'Geh nie unter ein Auto, das nur auf einem Wagenheber steht. Nimm die Ansatzpunkte des Handbuchs, festen Boden und einen Bock, dann stoß das Auto zur Probe an.',
  switchTheIgnitionOff: 'Schalt die Zündung aus und zieh den Schlüssel ab, bevor du einen Stecker öffnest.',
  highVoltageCarSwitch:
    'Auto mit Hochvolt: schalt es aus, halt den Schlüssel fern, mach die 12-V-Seite stromlos, wie es das Handbuch sagt. Berühr nie orange Teile; was dahinter liegt, gehört in die Hand einer Fachkraft.',
  wearEyeProtectionRust: 'Trag eine Schutzbrille: Rost, Federn und Clips können wegfliegen.',
  aBrakeHoseThat: 'Ein Bremsschlauch, der den Sattel trägt, kann innen reißen. Häng den Sattel mit Draht an die Feder.',
  pullOnThePlugs: 'Zieh am Gehäuse des Steckers, nie an den Leitungen.',
  gripTheMetalEar:
    'Fass das Metallohr, nicht den Kunststoff. Bricht der Sensor, musst du ihn ausbohren: hab das neue Teil bereit.',
  heatTheHousingNot:
    'Erwärm das Gehäuse, nicht den Sensor, mit Heißluft und nie mit einer Flamme. Wisch vorher das Kriechöl ab. Bleib weg von Schläuchen, Manschetten, Bremsflüssigkeit und Lagerdichtungen. Erhitz nie chlorhaltigen Reiniger: er wird zu giftigem Gas.',
  thisDestroysTheOld: 'Das zerstört den alten Sensor. Fang nicht an, ohne den neuen in der Hand zu haben.',
  aSingleMetalChip:
    'Ein einziger Metallspan am Ring ist ein neuer Fehler. Verschließ die Bohrung, saug aus, dreh den Ring einmal ganz herum und sieh nach.',
  brakeDustHarmsYour: 'Bremsstaub schadet deiner Lunge. Blas ihn nicht weg, wisch ihn mit einem feuchten Tuch ab.',
  forceBreaksTheSensor:
    'Kraft zerbricht den Sensor. Geht er drehend nicht von Hand hinein, ist die Bohrung noch nicht sauber.',
  keepGreaseOffThe:
    'Halt Fett von Spitze, Ring, Scheibe und Belägen fern. Keine Kupferpaste in der Nähe eines magnetischen Rings.',
  theBrakesDoNot:
    'Beim ersten Tritt bremst die Bremse nicht. Pump mit dem Pedal, bis es fest ist, bevor sich das Auto bewegt.',
  theModulesPlugCarries:
    'Der Stecker des Steuergeräts führt starke Ströme. Klemm die Batterie ab, wie es das Handbuch sagt, und überbrück nie zwei Kontakte.',
  wearGlovesAndGoggles:
    'Trag Handschuhe und Schutzbrille. 15 Minuten in Essig und Salz einweichen, mit Natron spülen, dann mit Wasser. Nimm nie Batteriesäure.',
  aJointBreaksWhere:
    'Eine Verbindung bricht, wo sich die Leitung biegt. Ersetz die Leitung dort, statt sie zu verbinden.',
};
