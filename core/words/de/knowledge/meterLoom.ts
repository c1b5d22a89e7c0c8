import type { texts as en } from '../../en/knowledge/meterLoom';

export const texts: typeof en = {
  ordinals: { 1: 'erste', 2: 'zweite' },
  underAnOhm: 'unter einem Ohm',
  somePrintedStepsPass:
    'Manche gedruckte Anleitung lässt hier einen niedrigen Wert gelten. Das ist verkehrt: eine Signalleitung muss gegen Masse Überlauf zeigen.',
  wireEndToEnd: (figure) => `Ader ${figure} von Ende zu Ende`,
  measureTheLoomWire: (ordinal) => `Miss die ${ordinal} Ader des Kabelbaums von Ende zu Ende`,
  ifItReadsOl: 'Zeigt sie OL, ist diese Ader im Kabelbaum gebrochen. Zeigt sie unter 5 Ω, ist sie heil.',
  theLoomWireSensor: (ordinal) =>
    `Die ${ordinal} Ader des Kabelbaums, Sensorstecker bis Steuergerätestecker, Drehschalter auf Ω`,
  wireToGround: (figure) => `Ader ${figure} gegen Masse`,
  measureTheLoomWireTo: (ordinal) => `Miss die ${ordinal} Ader des Kabelbaums gegen Masse`,
  ifItReadsAnything: 'Zeigt sie etwas anderes als OL, berührt diese Ader die Karosserie.',
  theLoomWireTo: (ordinal) => `Die ${ordinal} Ader des Kabelbaums gegen blanke Masse, höchster Ω-Bereich`,
  wire1EndTo: 'Ader 1 von Ende zu Ende, Kabelbaum bewegt',
  measureTheLoomWires: 'Miss die Adern von Ende zu Ende, während du den Kabelbaum bewegst',
  ifItJumpsThe: 'Springt der Wert, bricht die Ader dort, wo du sie bewegt hast.',
  wireToWire: 'Ader gegen Ader',
  measureBetweenTheTwo: 'Miss zwischen den beiden Adern des Kabelbaums',
  ifItReadsAnythingBut: 'Zeigt es etwas anderes als OL, berühren sich die beiden Adern.',
  betweenTheTwoLoom: 'Zwischen den beiden Adern des Kabelbaums, höchster Ω-Bereich',
  voltageOnWire1: 'Spannung an Ader 1',
  ignitionOnLookFor: 'Zündung an: such Spannung an der ersten Ader des Kabelbaums',
  ifThereIsBattery:
    'Liegt Batteriespannung an, berührt sie eine versorgte Leitung. Sind es ein, zwei Volt, ist das nur das Steuergerät.',
  batteryVoltage: 'Batteriespannung',
  theFirstLoomWire: 'Die erste Ader des Kabelbaums gegen Masse, Drehschalter auf V⎓, Zündung an',
  battery: 'Batterie',
  measureTheBatteryAt: 'Miss die Batterie in Ruhe',
  ifItReadsBelow: 'Zeigt sie unter 12,4 V, lad sie zuerst: eine schwache Batterie setzt im ganzen Auto Codes.',
  acrossTheBatteryAt: 'An den Polen der ruhenden Batterie, Drehschalter auf V⎓',
  restedForAnHour: 'Eine Stunde geruht, Licht aus',
  modulesFeed: 'Versorgung des Steuergeräts',
  measureTheModulesFeed: 'Miss die Versorgung des Steuergeräts',
  ifItReadsWell:
    'Liegt sie weit unter der Batterie, bekommt das Steuergerät zu wenig Strom: sieh nach Sicherung und Masse, nicht nach den Rädern.',
  aboutBatteryVoltage: 'etwa Batteriespannung',
  farLess: 'viel weniger',
  modulesFeedPinTo: 'Versorgungskontakt des Steuergeräts gegen Masse, Drehschalter auf V⎓',
  overload: 'Überlauf',
  nothing: 'nichts',
};
