import type { texts as en } from '../../en/knowledge/planB';

export const texts: typeof en = {
  lockingKey: 'Ist der Schlüssel der abschließbaren Radschraube im Auto?',
  lockingKeyThen: 'Ohne ihn bleibt das Rad dran. Hol erst den Schlüssel, oder einen nach seiner Nummer.',
  bracket: 'Lassen sich die zwei Schrauben des Bremssattelhalters ein wenig drehen?',
  bracketThen:
    'Probier sie, bevor sonst etwas ab ist. Sie tragen die Bremse: eine runde ist Arbeit für eine Werkstatt.',
  bleedScrew: 'Kann der Bremssattel mit seinem Schlauch neben der Nabe hängen?',
  bleedScrewThen:
    'Dann wird keine Bremsleitung geöffnet, und eine festsitzende Entlüfterschraube spielt keine Rolle. Wenn nicht, hör hier auf.',
  sensorBreaks: 'Wenn der Sensor bricht: hast du den neuen in der Hand, mit O-Ring?',
  sensorBreaksThen: 'Ohne diesen Sensor fährt das Auto ohne ABS, bis der neue da ist. Erst kaufen, dann ziehen.',
  hubNut: 'Hast du einen Hebel von einem Meter, die richtige Nuss und eine neue Nabenmutter?',
  hubNutThen: 'Die Mutter wird mit dem Rad am Boden gelöst, und die meisten benutzt man nur einmal.',
  shaft: 'Bewegt sich die Welle in der Nabe, wenn du mit der Mutter auf ihrem Ende klopfst?',
  shaftThen:
    'Eine eingerostete braucht einen Abzieher. Solange die Mutter lose ist, darf das Auto nicht gerollt werden.',
  assembly: 'Gibt es das Teil einzeln, oder nur mit der ganzen Nabe oder Welle?',
  assemblyThen:
    'Nur im Ganzen: trag oben den Preis einer neuen und einer gebrauchten Einheit ein. Eine gebrauchte muss ohne raue Stelle drehen, kein Spiel haben und von derselben Achse mit gleicher Zähnezahl stammen. Dichtungen und Mutter sind auf jeden Fall neu.',
  press: 'Ist das Teil eingepresst, und wer hat eine Presse?',
  pressThen:
    'Viele Werkstätten pressen ein Lager oder einen Ring für wenig Geld, wenn du das Teil bringst: frag, bevor du anfängst.',
};
