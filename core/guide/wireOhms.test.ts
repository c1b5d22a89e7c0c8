import { expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { judgeMend, ohmKey, ohmOf } from './wireOhms';

test.each([
  [0, 'good'],
  [0.99, 'good'],
  [1, 'acceptable'],
  [4.99, 'acceptable'],
  [5, 'bad'],
  [Infinity, 'bad'],
])('%d ohm from end to end is %s', (ohm, verdict) => expect(judgeMend(ohm)).toBe(verdict));

test('the last reading of a stage counts, of this corner alone; overload is kept as such', () => {
  const keys = [
    ohmKey('before', Infinity, 'front-left'),
    ohmKey('after', 7.5, 'front-left'),
    ohmKey('after', 0.4, 'front-left'),
    ohmKey('after', 9, 'rear-left'),
  ];
  const file = { ...caseOf(car('passive'), []), work: keys.map((step, at) => ({ id: `${at}`, step })) };
  expect(ohmOf(file, 'before', 'front-left')).toBe(Infinity);
  expect(ohmOf(file, 'after', 'front-left')).toBe(0.4);
  expect(ohmOf(file, 'after', 'front-right')).toBeNull();
});
