import { plural } from '../language';
import type { texts as en } from '../../en/screens/notebook';

export const texts: typeof en = {
  record: 'Bericht zum Drucken oder Weitergeben',
  theRecord: (name) => `${name}: der Bericht`,
  mostLikelyNow: (faultName) => `Jetzt am wahrscheinlichsten: ${faultName}`,
  spent: (percent, money) => `, ${percent}. Ausgegeben ${money}.`,
  saveTheJobAs: 'Auftrag als Datei speichern',
  thisJobIsCalled: 'Dieser Auftrag heißt',
  nameOfTheJob: 'Name des Auftrags',
  aNoteWithThe: 'Eine Notiz, mit der Uhrzeit',
  aNote: 'Eine Notiz',
  noteIt: 'Notieren',
  whatHappenedNewestFirst: 'Was geschah, Neuestes zuerst',
  nothingYet: 'Noch nichts.',
  theJob: 'der Auftrag',
  onlyThese: 'Nur diese',
  kinds: { seen: 'Gesehen', done: 'Getan', paid: 'Bezahlt', note: 'Notizen', photo: 'Fotos' },
  search: 'Durchsuchen, was geschah',
  nothingFound: 'Nichts hier enthält alle diese Wörter.',
  showMore: (count) => plural(count, { one: '1 älteren Eintrag zeigen', other: '# ältere Einträge zeigen' }),
};
