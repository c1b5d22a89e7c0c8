import { plural } from '#words/language';
import type { Said } from '../../said';

export const texts = {
  record: 'Record to print or hand on',
  theRecord: (name: Said) => `${name}: the record`,
  mostLikelyNow: (faultName: Said) => `Most likely now: ${faultName}`,
  spent: (percent: Said, money: Said) => `, ${percent}. Spent ${money}.`,
  saveTheJobAs: 'Save the job as a file',
  thisJobIsCalled: 'This job is called',
  nameOfTheJob: 'Name of the job',
  aNoteWithThe: 'A note, with the time',
  aNote: 'A note',
  noteIt: 'Note it',
  whatHappenedNewestFirst: 'What happened, newest first',
  nothingYet: 'Nothing yet.',
  theJob: 'the job',
  onlyThese: 'Only these',
  kinds: { seen: 'Seen', done: 'Done', paid: 'Paid', note: 'Notes', photo: 'Photos' },
  search: 'Search what happened',
  nothingFound: 'Nothing here has all these words.',
  showMore: (count: number) => plural(count, { one: 'Show 1 older', other: 'Show # older' }),
};
