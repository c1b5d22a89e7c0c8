import type { texts as en } from '../../en/core/record';

export const texts: typeof en = {
  lamps: 'Lampen und was auffiel',
  codes: 'Codes',
  before: 'Vorher daran gearbeitet',
  readings: 'Messwerte',
  looks: 'Angesehen',
  repairs: 'Reparaturen',
  proof: 'Beweis',
  costs: 'Kosten',
  open: 'Noch zu tun',
  drive: (result) => `Fahrt: ${result}`,
  saved: (quote) => `Weniger als das Angebot von ${quote}`,
  spent: 'Ausgegeben',
  inside: 'im Sollbereich',
  outside: 'außerhalb des Sollbereichs',
  stillOpen: 'Dieser Auftrag ist noch offen.',
  uses: {
    needed: 'nötig',
    wasted: 'umsonst gekauft',
    kept: 'Werkzeug, bleibt',
    spare: 'Ersatz auf Vorrat',
    refund: 'Erstattung',
    quote: 'Angebot einer Werkstatt',
  },
  csvReadings: ['wann', 'was', 'Wert', 'Einzelheit'],
  csvLedger: ['wann', 'Posten', 'Zweck', 'Betrag', 'Währung'],
  question: (car) => `${car}: Was würdest du als Nächstes prüfen?`,
  thoughtLikely: (fault, percent) => `Am wahrscheinlichsten hält Zelf nach alledem: ${fault} (${percent} %).`,
  notASafetyInspection:
    'Die Werte von Lesegerät und Messgerät hat der Besitzer aufgeschrieben; den Rest hat Zelf ausgerechnet. Das ist keine Sicherheitsprüfung.',
};
