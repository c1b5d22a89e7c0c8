import type { texts as en } from '../../en/knowledge/meterSensor';

export const texts: typeof en = {
  inItsBand: 'im Sollbereich',
  wellBelowIt: 'weit darunter',
  overloadAsItShould: 'Überlauf, wie es sein soll',
  aFewOhms: 'ein paar Ohm',
  touchTheProbesTogether: 'Halt die Messspitzen aneinander und merk dir den Wert',
  acrossTheSensor: 'Über den Sensor',
  disconnectTheSensorAnd: 'Steck den Sensor ab und miss über seine zwei Kontakte',
  ifItReadsOl:
    'Zeigt er OL, ist der Sensor oder seine Leitung gebrochen. Zeigt er etwa 1,2 kΩ, sieh als Nächstes nach der Verkabelung.',
  sensorDisconnectedProbesOn: 'Sensor abgesteckt, Messspitzen an seinen zwei Kontakten, Drehschalter auf Ω',
  startOnThe20: 'Beginn im 20-kΩ-Bereich, dann kleiner',
  acrossTheSensorLead: 'Über den Sensor, Leitung bewegt',
  measureAcrossTheSensor: 'Miss über den Sensor, während du seine Leitung alle paar Zentimeter biegst',
  ifItJumpsThe:
    'Springt der Wert, bricht die Ader dort, wo du sie gebogen hast. Bleibt er ruhig, sind Sensor und Leitung wohl gesund.',
  pinToTheSensors: 'Kontakt gegen das Metall des Sensors',
  measureFromAPin: 'Miss von einem Kontakt zum Metall des Sensors selbst',
  ifItReadsAnything: 'Zeigt es etwas anderes als OL, ist Wasser im Sensor, oder seine Leitung ist durchgescheuert.',
  oneProbeOnA: 'Eine Messspitze an einen Kontakt, die andere ans Metall des Sensors selbst',
  highestRange: 'Höchster Ω-Bereich',
  notToTheChassis: 'Nicht an die Karosserie: Gummi kann den Radträger isolieren',
  voltageOfTheSpun: 'Spannung des gedrehten Sensors',
  spinTheWheelAnd: 'Dreh das Rad und lies die Wechselspannung am Sensor',
  ifThereIsA:
    'Ist sie stetig da, sind Ring, Luftspalt und Sensor gesund: sieh nach der Verkabelung. Ist keine da, liegt der Fehler am Rad.',
  probesOnTheTwo: 'Messspitzen an den zwei Kontakten, Drehschalter auf V~, Rad einmal je Sekunde drehen',
  dialOnVWith: 'Drehschalter auf V mit der Welle ~, nicht mit dem Strich',
  feedAtThePlug: 'Versorgung am Stecker',
  ignitionOnMeasureThe: 'Zündung an: miss die Versorgung auf der Kabelbaumseite des Steckers',
  ifThereIsNo:
    'Fehlt sie, liegt es am Kabelbaum oder am Steuergerät und nicht am Sensor. Ist sie da, sieh nach Sensor und Leitung.',
  aboutBatteryVoltage: 'etwa Batteriespannung',
  loomSideOfThe: 'Kabelbaumseite des Steckers, Drehschalter auf V⎓, Zündung an',
  theModuleMayHave: 'Das Steuergerät hat dieses Rad vielleicht abgeschaltet: Zündung aus und wieder an, dann messen',
  touchTheEdgeOf: 'Berühr den Rand des Kontakts. Drück nie eine Messspitze hinein.',
  sensorCurrent: 'Sensorstrom',
  measureTheSensorsCurrent: 'Miss den Strom des Sensors in Reihe',
  ifItDrawsAbout:
    'Zieht er etwa 7 oder 14 mA, lebt seine Elektronik. Zieht er trotz Versorgung nichts, ist der Sensor tot.',
  n7Or14Ma: '7 oder 14 mA',
  meterInSeriesWith: 'Messgerät in Reihe mit einer Ader des Sensors, Drehschalter auf mA',
  leadsInTheMa: 'Messleitungen in der mA-Buchse',
  afterwardsPutTheLeads:
    'Steck die Messleitungen danach zurück auf V/Ω, sonst ist die nächste Spannungsmessung ein Kurzschluss.',
  atTheModuleEnd: 'Am Ende beim Steuergerät',
  measureTheChannelsTwo: 'Miss die zwei Kontakte des Kanals am Stecker des Steuergeräts',
  ifItReadsLike:
    'Zeigt es wie ein gesunder Sensor, ist der ganze Stromkreis gesund. Zeigt es OL, ist zwischen hier und dem Rad etwas gebrochen.',
  theChannelsTwoPins: 'Die zwei Kontakte des Kanals im Stecker des Steuergeräts, Drehschalter auf Ω',
  theSensorStaysConnected: 'Der Sensor bleibt angesteckt',
  voltageAtTheModule: 'Spannung am Steuergerät, Rad gedreht',
  spinTheWheelAndRead: 'Dreh das Rad und lies die Wechselspannung am Stecker des Steuergeräts',
  ifASteadyVoltage: 'Kommt sie stetig an, ist bis zum Steuergerät alles gesund. Kommt keine an, such den Weg entlang.',
  theChannelsTwoPinsIn: 'Die zwei Kontakte des Kanals im Stecker des Steuergeräts, Drehschalter auf V~, Rad drehen',
};
