import { plural } from '../language';
import type { texts as en } from '../../en/shared/nextMove';

export const texts: typeof en = {
  nothingOnThisPath: 'nichts auf diesem Weg',
  whatEachAnswerWould: 'Was jede Antwort bewirken würde',
  thisAdviceIsFrom: 'Dieser Rat stammt von vor deinem letzten Eintrag.',
  thinking: 'Denkt nach',
  workingOutTheNext: 'Der nächste Schritt wird ausgerechnet',
  toSpend: 'auszugeben',
  whyThis: 'Warum das?',
  andOtherMoves: 'und andere Schritte',
  n: 'N',
  whyThisAndWhat: 'Warum das, und was sonst',
  whatIsMostLikely: 'Was jetzt am wahrscheinlichsten ist',
  movesBestFirst: 'Schritte, bester zuerst',
  theBestMoveIs:
    'Der beste Schritt ist der, mit dem der ganze Auftrag am wenigsten kostet: deine Zeit und die Teile, auch die umsonst gekauften.',
  whatIf: 'Was wäre, wenn?',
  min: (figure, money) => `${figure} min · ${money}`,
  whatWouldChangeMy: 'Was mich umstimmen würde',
  noCheckThatIs: 'Keine lohnende Prüfung würde einen anderen Fehler nach vorn bringen.',
  from: (check) => `durch: ${check}`,
  thenMoreLikely: 'dann wahrscheinlicher:',
  likely: (chance) => `· ${chance} wahrscheinlich`,
  unusualBesideYourOther: 'Ungewöhnlich neben deinen anderen Befunden',
  unusualFindings: (count) =>
    plural(count, {
      one: 'Ein Befund ist unter Suchen markiert. Prüf ihn bitte noch einmal, bevor du ihm glaubst.',
      other: '# Befunde sind unter Suchen markiert. Prüf sie bitte noch einmal, bevor du ihnen glaubst.',
    }),
  enterCodes: 'Codes eingeben',
  eraseAndSee: 'Löschen und sehen',
  fixThis: 'Das beheben',
  answer: 'Antworten',
  doThisCheck: 'Jetzt prüfen',
  readyToRepair: 'Bereit zum Reparieren',
  everythingPointsToA: 'Alles deutet auf ein geheiltes Auto',
  watchIsRunning: 'Die Beobachtung läuft',
  driveAndNote: 'Fahr wie immer und notier jede Fahrt',
  afterMoreTrips: (count) =>
    plural(count, {
      one: 'Nach 1 weiteren sauberen Fahrt bist du zu 95 % sicher.',
      other: 'Nach # weiteren sauberen Fahrten bist du zu 95 % sicher.',
    }),
  noteATrip: 'Fahrt notieren',
  nowDriveItAnd: 'Jetzt fahr und sieh, ob die Lampen aus bleiben',
  toTheProof: 'Zum Beweis',
  stopHere: 'Hör hier auf',
  openTheRecord: 'Bericht öffnen',
  nextMove: 'Nächster Schritt',
  thisJobIsClosed: 'Dieser Auftrag ist abgeschlossen',
  seeWhatWasDone: 'Sieh, was getan wurde',
};
