import type { texts as en } from '../../en/screens/handbook';

export const texts: typeof en = {
  title: 'Nachschlagen',
  lead: 'Codes, das Messgerät, Wörter des Fachs, Warnungen. Alles hier geht ohne Netz.',
  search: 'Suche: ein Code, ein Wort, ein Zeichen …',
  found: (count) => `${count} gefunden`,
  nothing: 'Davon steht hier nichts. Versuch ein anderes Wort oder einen Teil davon.',
  toGarage: 'Garage',
  toArithmetic: 'Rechnen: Reifen, Luftspalt, Widerstand, Drehmoment',
  topics: {
    meter: 'Das Messgerät',
    checks: 'Prüfungen',
    codes: 'Codes',
    failure: 'Fehlerarten',
    home: 'Heimkommen',
    cautions: 'Warnungen',
    words: 'Wörter des Fachs',
  },
  code: (code) => `Code ${code}`,
  codeText: (meaning) =>
    `${meaning}. Nach der öffentlichen Tabelle (SAE J2012, ISO 15031-6); der Wortlaut deines Lesegeräts oder Handbuchs geht vor.`,
  failureType: (byte, meaning) => `${byte}: ${meaning}`,
  natures: {
    electrical: 'Deutet die Leitung entlang: Sensor, Leitung, Stecker, Kabelbaum, Steuergerät.',
    signal: 'Deutet auf das, was das Signal macht: Ring, Luftspalt, Sensor.',
    other: 'Deutet auf das Steuergerät oder seine Programme, oder sagt nichts über den Ort.',
  },
  meter: [
    {
      title: 'Ω: Widerstand',
      text: 'Zündung aus, Stecker getrennt, nie an einem versorgten Stromkreis. Beginn im 20-kΩ-Bereich: ein 2-kΩ-Bereich zeigt an einer heilen Spule mit 2,2 kΩ OL. 1,03 k, 1030 und 1,03 kΩ sind derselbe Wert.',
    },
    {
      title: 'OL, 0L oder eine 1 ganz links: Überlauf',
      text: 'Mehr, als dieser Bereich zeigen kann: eine offene Leitung, oder ein zu kleiner Bereich. Probier zuerst einen größeren. An einem aktiven Sensor verurteilt es nichts.',
    },
    {
      title: 'V mit Strich und Punkten: Gleichspannung',
      text: 'Für Versorgung und Batterie. Schwarz an gute Masse. Ein aktiver Sensor wird mit etwa 5 V bis Batteriespannung versorgt, Zündung an.',
    },
    {
      title: 'V mit Welle: Wechselspannung',
      text: 'Für einen passiven Sensor, während das Rad etwa einmal je Sekunde gedreht wird: 0,1 V oder mehr, stetig. Viele günstige Messgeräte lösen das nicht auf: vergleich mit der anderen Seite, bevor du einer Null glaubst.',
    },
    {
      title: 'Erst die Messleitungen abziehen',
      text: 'Halt die Messspitzen aneinander und zieh den Wert von jedem kleinen Widerstand ab.',
    },
    {
      title: 'Wie weit man einem Wert glauben kann',
      text: 'Ein günstiges Messgerät ist auf 1 % und drei Digit gut. Ein Wert so nahe an einer Grenze ist weder gut noch schlecht.',
    },
    {
      title: 'Ein neues Teil außerhalb des gedruckten Bereichs',
      text: 'Eine Warnung, kein Urteil: vergleich mit demselben Sensor auf der anderen Seite.',
    },
    {
      title: 'Wie herum gegen Masse',
      text: 'Eine Signalleitung gegen Masse muss Überlauf zeigen, mehr als 1 MΩ, beide Stecker ab. Manche gedruckte Anleitung sagt „unter 5 Ω ist gut“: das ist verkehrt herum.',
    },
  ],
  home: [
    {
      title: 'Nur die ABS-Lampe leuchtet',
      text: 'Die Bremse arbeitet wie ohne ABS: sie hält das Auto an, und ein Rad kann blockieren. Halt mehr Abstand, brems früh, achte auf Nässe und Eis.',
    },
    {
      title: 'ABS- und Stabilitätslampe leuchten',
      text: 'Keine Hilfe gegen Schleudern. Langsam in Kurven, sanft am Pedal. Auf Eis besser gar nicht.',
    },
    {
      title: 'In Kurven oder beim Anfahren wird die Leistung weggenommen',
      text: 'Die Antriebshilfe glaubt, ein Rad drehe durch, und nimmt die Leistung weg. An einer Kreuzung ist das gefährlich: lass größere Lücken. Die Stabilitätshilfe für die Heimfahrt abzuschalten ist ein Risiko: nichts fängt dann ein Schleudern ab.',
    },
    {
      title: 'Die rote Bremslampe leuchtet, oder das Pedal ist weich',
      text: 'Nicht fahren. Sieh nach der Flüssigkeit; lass das Auto abschleppen.',
    },
    {
      title: 'ABS und rote Bremslampe zusammen',
      text: 'Die Verteilung der Bremskraft nach hinten kann ausgefallen sein: hinten kann zuerst blockieren. Nicht fahren.',
    },
    {
      title: 'Auch die Airbaglampe leuchtet',
      text: 'Airbags können außer Betrieb sein. Es ist ein eigener Fehler, bis sie nach der Reparatur von selbst ausgegangen ist. Miss nicht an gelben Steckern.',
    },
  ],
};
