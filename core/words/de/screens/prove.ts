import { plural } from '../language';
import type { texts as en } from '../../en/screens/prove';

export const texts: typeof en = {
  howOftenBefore: 'Wie oft zeigte es sich vor der Reparatur?',
  planTheDrive: 'Die Fahrt Abschnitt für Abschnitt planen',
  howMuchIsProved: 'Wie viel bewiesen ist',
  levels: {
    standing: 'Reparatur im Stand bestätigt',
    road: 'Auf der Straße bestätigt',
    watched: 'Auf 95 % beobachtet',
  },
  curve: (trips, doubt) => `Zweifel nach jeder sauberen Fahrt; jetzt ${trips} Fahrten und ${doubt}`,
  safeFrom: '5 %: sicher genug',
  tripsAxis: 'saubere Fahrten',
  whichOfThem: 'Welche davon?',
  distanceDriven: (unit) => `Gefahrene Strecke, ${unit}`,
  tripsLikeThis: 'Solche Fahrten',
  note: (what) => `Notieren: ${what}`,
  noTimeToProve: 'Keine Zeit für den Beweis',
  iGiveUpFor: 'Ich gebe vorerst auf',
  itIsWithA: 'Es ist jetzt in einer Werkstatt',
  proveThatItStays: 'Beweis, dass sie aus bleibt',
  after: (list) => `Nach: ${list}.`,
  noRepairIsRecorded: 'Noch ist keine Reparatur notiert. Was du hier notierst, zählt trotzdem;',
  recordARepair: 'notier eine Reparatur',
  ifOneWasMade: 'wenn eine gemacht wurde.',
  noCodeReaderAt: 'Kein Lesegerät zur Hand: mit Lampen und Fahrten beweisen',
  lampsOutAfterThe: (trips, distance) =>
    `Lampen nach der Selbstprüfung aus, und ${trips} saubere Fahrten von zusammen ${distance}, bei verschiedenen Starts. Das beweist etwas weniger als Codes lesen, und der Bericht sagt es.`,
  takeBack: 'Zurücknehmen',
  endTheJobAnother: 'Den Auftrag anders beenden',
  checkTheWheelNuts: 'Prüf die Radmuttern nach 50 bis 100 km noch einmal.',
  seeTheRecord: 'Bericht ansehen',
  itCameBack: 'Es ist wiedergekommen',
  openTheJobAgain: 'Auftrag wieder öffnen',
  provedErasedDrivenRead: 'Bewiesen: gelöscht, gefahren, wieder gelesen, nichts kam zurück',
  provedByLampsOut: (trips, distance) => `Durch Lampen bewiesen: aus, und ${trips} saubere Fahrten über ${distance}`,
  itUsedToCome: (trips) =>
    plural(trips, {
      one: 'Früher kam und ging es. # saubere Fahrt lässt einen Zweifel von {doubt}.',
      other: 'Früher kam und ging es. # saubere Fahrten lassen einen Zweifel von {doubt}.',
    }),
  endTheJobSolved: 'Auftrag beenden: gelöst',
  nothingCameBackSo: 'Bisher kam nichts zurück: die Beobachtung läuft',
  aFaultThatComes:
    'Ein Fehler, der kommt und geht, wird durch Fahrten bewiesen, nicht durch eine. Saubere Fahrten bisher: {trips}, über {distance}. Zweifel übrig: {doubt}.',
  tooManyTrips:
    'Fahrten allein dauerten zu lange: diese Reparatur ist wohl nicht die richtige. Sieh unter Suchen nach, worauf sie beruht.',
  moreCleanTrips: (count) =>
    plural(count, {
      one: '# weitere saubere Fahrt bringt ihn unter 5 %. Fahrten innerhalb von zehn Minuten zählen als eine.',
      other: '# weitere saubere Fahrten bringen ihn unter 5 %. Fahrten innerhalb von zehn Minuten zählen als eine.',
    }),
  notCured: 'Nicht behoben',
  yourNotesBelowShow:
    'Deine Einträge unten zeigen, dass der Fehler noch da ist. Zu wissen, dass diese Reparatur nichts geändert hat, ist nützlich: der Fehler muss anderswo liegen.',
  backToFindWith: 'Damit zurück zu Suchen',
  eraseTheCodesKey: 'Codes löschen, Zündung aus, Zündung an, noch einmal lesen',
  allModulesTheSame:
    'Alle Steuergeräte: derselbe Fehler hinterlässt auch in Instrumenten und Airbag Codes. Eine Lampe, die vorher noch leuchtet, ist kein Misserfolg.',
  spinTheRepairedWheel: 'Dreh das reparierte Rad und beobachte seine Zahl',
  beforeTheWheelGoes:
    'Bevor das Rad auf den Boden kommt, vor und zurück. Seine eigene Zahl muss antworten, und keine andere.',
  driveFiveKilometresMixed: 'Fahr fünf Kilometer, gemischt',
  bendsBumpsGentleStops:
    'Kurven, Bodenwellen, sanftes Anhalten, einige Sekunden über 25 km/h: manche Lampen gehen erst dann aus. Jemand anderes liest den Bildschirm.',
  readAllModulesAgain: 'Lies alle Steuergeräte noch einmal',
  thereMustBeNo: 'Es darf keinen aktuellen und keinen vorläufigen Code geben.',
  lookAtTheLamps: 'Sieh nach der Selbstprüfung auf die Lampen',
  keyOnEveryLamp: 'Zündung an: jede Lampe erscheint, dann geht sie aus.',
};
