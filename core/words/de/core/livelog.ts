import type { texts as en } from '../../en/core/livelog';

export const texts: typeof en = {
  isNoTextFile: 'ist keine Textdatei; gib die Aufzeichnung als CSV aus',
  isEmpty: 'ist leer',
  namesNoWheel:
    'nennt in den ersten 50 Zeilen kein Rad; eine Spalte muss etwa „front left“, „FL“ oder „vorne links“ heißen',
  hasNoTime: 'hat keine Zeitspalte; eine muss etwa „Time“ oder „Zeit“ heißen',
  hasNoRows: 'hat unter der Kopfzeile keine Zeilen mit Zahlen',
  lineTooLong: 'ist länger als ein Megabyte und wurde ausgelassen',
  rowWithoutTime: 'hat keine lesbare Zeit und wurde ausgelassen',
  rateTooLow:
    'Bei so vielen Werten pro Sekunde ist ein Zittern einmal je Radumdrehung nicht zu sehen. Zeichne schneller auf, oder fahr langsamer.',
  sidesCrossed:
    'In Kurven läuft eine Achse gegen die andere: Ihr Links und Rechts ist vertauscht benannt. Dreh ein Rad von Hand, um zu sehen, welches.',
  tooShort: 'Das Auto bewegt sich in dieser Aufzeichnung kaum: über die Räder lässt sich nichts sagen.',
  quoteNeverCloses: 'öffnet ein Anführungszeichen, das nie schließt; alles darunter wurde ausgelassen',
};
