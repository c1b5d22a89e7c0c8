import type { texts as en } from '../../en/shared/app';

export const texts: typeof en = {
  timeIsUp: (minutes) => `${minutes} Minuten sind um: die Uhr dieses Auftrags läutet.`,
  theAdviserHadStopped: 'Der Berater war stehen geblieben. Er wurde neu gestartet, und sein Rat ist aktuell.',
  somethingWentWrongEverything: (reason) =>
    `Etwas ging schief: ${reason}. Alles, was du eingegeben hast, ist gespeichert.`,
  thisWasNotKept: 'das wurde nicht gespeichert',
  repairedJob: 'in Ordnung gebrachter Auftrag',
  newJob: 'neuer Auftrag',
  practiceCar: 'Übungsauto',
  practice: (level) => `Übung: ${level}`,
  theSheet: 'das Datenblatt',
  theCosts: 'die Kosten',
  theMeaning: 'die Bedeutung',
  wasNotReadTo: 'wurde nicht zu Ende gelesen',
  cannotBeRead: (why) => `kann nicht gelesen werden (${why})`,
  hasBytesAtMost: (size, most) => `hat ${size} Bytes; gelesen werden höchstens ${most}`,
  couldNotBeStarted: 'ließ sich nicht starten',
  itsProgramCouldNot: 'sein Programm ließ sich nicht laden',
  itWasEnded: 'er wurde beendet',
  noAnswerWithinS: (seconds) => `keine Antwort innerhalb von ${seconds} s`,
};
