import type { texts as en } from '../../en/core/planning';

export const texts: typeof en = {
  noCode: 'kein Code',
  aCauseOfIts: 'eine eigene Ursache',
  whileOnlyLampsAre:
    'Solange nur Lampen bekannt sind und die des ABS dabei ist, werden zuerst Codes gelesen; später steht die Reparatur dessen, was schuld ist, spätestens an zweiter, des Verdächtigen an dritter Stelle.',
  theCarKnowsThe:
    'Das Auto kennt das Rad; und wer genug gesehen hat, muss die Reparatur sofort finden, was immer noch zu prüfen wäre.',
  whatPeopleBuyOn:
    'Was man auf Verdacht kauft, wird vorher gemessen; bei zerkratzter Spitze werden Ring und Lager angesehen; alte Codes werden gelöscht.',
  aBatteryASwitch:
    'Batterie, Schalter oder Reifen sind selten die Ursache; ein gequollener Ring würde auch die neue Spitze zerkratzen; alte Codes verdecken den lebenden.',
  whatWasSeenAnd: 'Was gesehen wurde und im Handumdrehen umsonst zu beheben ist, wird sofort getan.',
  pluggingInAndTrying: 'Einstecken und Probieren kostet weniger als jede Messung.',
  beforeAnythingIsTaken:
    'Bevor an einem Rad etwas zerlegt wird, das das Lesegerät falsch benannt haben kann, wird dieses Rad von Hand gedreht.',
  aPartFittedAt: 'Ein Teil am falschen Rad ist verlorenes Geld, so gut die Diagnose auch war.',
  afterARepairNothing:
    'Nach einer Reparatur wird nichts anderes gesucht oder gekauft, bevor sie bewiesen ist, und auch nicht, solange nichts zurückkommt; nur was seither defekt gesehen wurde, wird vorher behoben.',
  aLampThatIs:
    'Eine Lampe, die noch leuchtet, beweist nichts, bis Codes gelöscht sind und gefahren wurde; aber fahr nicht mit abgezogenem Stecker, nur um es zu beweisen.',
  withARedBrake: 'Mit roter Bremslampe, weichem Pedal oder Leck: nicht fahren.',
  hydraulicsAndBrakeForce: 'Hydraulik und Bremskraft kommen vor jedem Sensor.',
};
