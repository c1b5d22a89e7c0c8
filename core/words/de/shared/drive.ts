import type { texts as en } from '../../en/shared/drive';

export const texts: typeof en = {
  takes: (minutes, distance) => `Etwa ${minutes} Minuten, ${distance}.`,
  before: 'Lies die Codes und sieh auf die Lampen, bevor du losfährst, und notier den Kilometerstand.',
  nobodyTouches:
    'Solange das Auto fährt, berührt der Fahrer keinen Bildschirm: jemand anderes liest, oder du notierst es nach dem Parken.',
  driven: (words) => `Gefahren, keine Lampe: ${words}`,
  cameOn: 'Hier ging eine Lampe an',
  allClean: 'Alles gefahren, keine Lampe: Fahrt notieren',
  record: 'Mit dem Lesegerät aufzeichnen',
  after:
    'Lies danach alle Steuergeräte noch einmal. Was andere über dasselbe Rad speichern, ist ein Echo: es geht mit der Ursache. Zwei Aufzeichnungen derselben Strecke lassen sich übereinanderlegen.',
};
