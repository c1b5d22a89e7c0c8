import type { texts as en } from '../../en/screens/record';

export const texts: typeof en = {
  photos: 'Fotos',
  lead: 'Bericht eines Auftrags, von der ersten Lampe bis zum Beweis, dass sie aus bleibt',
  printed: (day) => `gedruckt ${day}`,
  registration: 'Kennzeichen (von Hand eintragen)',
  dateAndSignature: 'Datum und Unterschrift',
  withCosts: 'Mit Kosten',
  print: 'Drucken, oder als PDF speichern',
  markdown: 'Als Markdown speichern',
  readings: 'Messwerte als CSV',
  ledger: 'Kosten als CSV',
  askOthers: 'Andere fragen: als Text speichern',
  cause: 'Ursache',
  cured: 'Was geholfen hat',
  likeliest: (fault, where, percent) => `Am wahrscheinlichsten ${fault}${where}: ${percent}.`,
  scale: (value, min, max) => `${value}; der Sollbereich geht von ${min} bis ${max}`,
  backToNotebook: 'Notizbuch',
  nothingYet: 'In diesem Auftrag ist noch nichts notiert. Der Bericht füllt sich unterwegs.',
  files: {
    markdown: 'zelf-bericht.md',
    readings: 'zelf-messwerte.csv',
    ledger: 'zelf-kosten.csv',
    question: 'zelf-frage.txt',
    questionWithPictures: 'zelf-frage.zip',
  },
};
