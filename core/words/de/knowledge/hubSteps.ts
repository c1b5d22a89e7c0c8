import type { texts as en } from '../../en/knowledge/hubSteps';

export const texts: typeof en = {
  crackTheHubNut: 'Lös die Nabenmutter an, solange das Rad am Boden steht und jemand die Bremse hält',
  itTakesTheMost:
    'Sie braucht das höchste Drehmoment überhaupt: Am angehobenen Auto würdest du es vom Bock ziehen. Keine Nabenmutter hinter der Kappe? Dann sag, dass dieser Schritt nicht nötig ist.',
  takeTheHubUnit: 'Nimm die Radlagereinheit an ihren Schrauben von hinten aus dem Radträger',
  turnItInItsSeat:
    'Dreh sie in ihrem Sitz, bevor du ziehst. Ein Lager, das in den Radträger gepresst ist, presst eine Werkstatt: bring ihr den Radträger.',
  putTheHubUnit: 'Setz die neue Radlagereinheit ein, die magnetische Seite zum Sensor',
  pressedInTheWrong: 'Verkehrt herum ist das Rad taub. Die Schrauben sind neu, wo das Handbuch es sagt.',
  holdTheCard: 'Halt eine Magnetkarte an beide Seiten des neuen Lagers: die Seite mit den Streifen gehört zum Sensor',
  onlyOneFaceCarries:
    'Nur eine Seite trägt den Magnetring, und beide sehen gleich aus. Halt magnetisches Werkzeug davon fern.',
  cleanTheHubSeat: 'Reinige den Sitz im Radträger bis aufs blanke Metall',
  rustInTheSeat: 'Rost im Sitz stellt das Lager schief: Der Luftspalt ändert sich dann einmal je Umdrehung.',
  tightenTheHubNut: 'Zieh die neue Nabenmutter an, das Rad am Boden, dann sichere sie',
  aHubNutIsUsed: 'Eine Nabenmutter wird einmal benutzt. Zu lose läuft das Lager auseinander, zu fest läuft es heiß.',
  pushTheShaftOut: 'Drück die Antriebswelle aus der Nabe und bind sie hoch',
  tapTheNutNot:
    'Klopf auf die bündig aufgeschraubte alte Mutter, nie aufs blanke Gewinde. Lass das Gelenk nicht hängen und nicht ganz abknicken.',
  slideTheShaftBack: 'Schieb die Antriebswelle wieder in die Nabe',
  turnTheSplines: 'Dreh, bis die Verzahnung greift, und zieh sie mit der neuen Mutter herein.',
  takeTheOldRing: 'Merk dir, wie tief der alte Ring sitzt, dann spreng ihn oder zieh ihn gerade ab',
  neverHitTheJoint:
    'Schlag nie auf das Gelenk, und schneid nicht in das Metall darunter. Ringe sitzen auf der Antriebswelle, auf der Nabe oder im Lager: dein Handbuch sagt, wo.',
  brightUnderTheRing: 'Kratz und schleif den Sitz des Rings bis aufs blanke Metall',
  theNewRingSplits: 'Der neue Ring reißt am ersten Rost, der bleibt: daran ist der alte gerissen.',
  warmTheNewRing: 'Wärm den neuen Ring in heißem Wasser, schieb ihn gerade auf, so tief wie den alten',
  itMustGoOn: 'Er muss von Hand oder mit leichten Schlägen rundum aufgehen. Vergleich vorher die Zähnezahl.',
  watchTheRingTurn: 'Dreh ihn eine volle Umdrehung und sieh auf den Luftspalt: er darf sich höchstens um 0,3 mm ändern',
  aRingThatWobbles: 'Ein Ring, der eiert, lässt die Geschwindigkeit einmal je Umdrehung zittern.',
  fitTheRightTyre: 'Lass den falschen Reifen gegen einen in der Größe vom Türschild tauschen, wie die anderen drei',
  aSmallerTyreTurns: 'Ein kleinerer Reifen dreht schneller: Das Steuergerät hält das für Schlupf.',
  renewTheSwitch:
    'Tritt aufs Pedal, dreh den alten Schalter heraus, zieh den Stößel des neuen ganz vor und dreh ihn ein',
  letThePedalUp:
    'Das Loslassen des Pedals stellt den Schalter von selbst ein. Lass jemanden auf die Bremslichter sehen.',
};
