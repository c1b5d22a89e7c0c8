import type { texts as en } from '../../en/core/planning';

export const texts: typeof en = {
  noCode: 'kein Code',
  aCauseOfIts: 'eine eigene Ursache',
  readCodesFirst: 'Das Auto weiß, welches Rad es ist: lies die Codes, bevor du etwas zerlegst.',
  notOnAHunch: 'Dieses Teil wird oft auf Verdacht gekauft: erst ansehen oder messen.',
  oldCodesHide: 'Alte Codes verdecken den lebenden: lösch sie und sieh, was zurückkommt.',
  whatScoredTheTip: 'Etwas hat diese Spitze zerkratzt. Finde es zuerst, sonst zerkratzt es auch den neuen Sensor.',
  mendedAtOnce: 'Es wurde gesehen und ist im Handumdrehen umsonst behoben.',
  spinItFirst: 'Dein Lesegerät hat dieses Rad vielleicht falsch benannt: dreh es, bevor du etwas zerlegst.',
  proveItFirst: 'Eine Reparatur wird bewiesen, bevor anderes gesucht oder gekauft wird.',
  doNotDrive: 'Mit roter Bremslampe, weichem Pedal oder Leck: nicht fahren.',
  mostPointsToIt: 'Das meiste, was du gefunden hast, deutet auf dieses Teil: es kann jetzt repariert werden.',
};
