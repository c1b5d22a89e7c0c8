import type { texts as en } from '../../en/knowledge/driveLegs';

export const texts: typeof en = {
  creep: 'Fahr sanft an und brems zweimal im Schritttempo',
  creepWhy:
    'Die Bremse muss sich anfühlen wie immer, bevor du weiterfährst. Das Steuergerät sucht jetzt alle vier Signale.',
  slow: 'Roll dreimal von 5 auf 20 km/h und zurück',
  slowWhy:
    'Ein schwaches Signal zeigt sich zuerst bei kleiner Geschwindigkeit: ein zu großer Luftspalt oder ein Ring mit schlechter Stelle.',
  steady: 'Fahr eine halbe Minute geradeaus mit 40 bis 50 km/h',
  steadyWhy: 'Viele Steuergeräte prüfen das reparierte Rad ab 15 bis 25 km/h und löschen dann die Lampe.',
  bends: 'Nimm zwei Kurven nach links und zwei nach rechts',
  bendsWhy: 'Eine Kurve belastet das Lager und bewegt die Leitung: Loses zeigt sich hier.',
  bumps: 'Fahr langsam über ein holpriges Stück oder ein paar Bremsschwellen',
  bumpsWhy: 'Eine innen gebrochene Ader oder ein Stecker, der nicht hält, zeigt sich beim Rütteln.',
  stops: 'Halt dreimal aus 30 km/h an, sanft',
  stopsWhy: 'Das Pedal darf nicht pulsieren: dann griffe das ABS auf ein falsches Signal hin ein.',
  wet: 'Fahr durch nasse Straßen, oder mach vorher das Radhaus mit dem Schlauch nass',
  wetWhy: 'Es kam früher bei Nässe: Wasser muss wieder an die Stelle.',
  warm: 'Fahr weiter, bis alles warm ist, etwa 20 Minuten',
  warmWhy: 'Es kam früher bei Hitze: eine Spule, die warm aufgeht, braucht ihre Zeit.',
  restart: 'Park, Zündung zwei Minuten aus, starte neu und fahr ein Stück',
  restartWhy: 'Manche Steuergeräte glauben eine Reparatur erst beim zweiten Start.',
};
