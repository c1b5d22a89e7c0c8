import { expect, test } from 'vitest';
import { readKept } from './useTakes';

test('kept takes come back as they were', () => {
  const kept = { scheme: 'counts', takes: [[{ at: 1, held: 0.1 }]] };
  expect(readKept(JSON.stringify(kept))).toEqual(kept);
});

test.each([
  ['nothing', ''],
  ['no JSON', '{"scheme":'],
  ['a list', '[]'],
  ['null', 'null'],
  ['takes that are none', '{"takes":"many"}'],
  ['flashes that are none', '{"takes":[[1,null,{"at":2}],"x"],"scheme":"odd"}'],
])('a damaged draft loses only what is damaged: %s', (_name, text) => {
  const { scheme, takes } = readKept(text);
  expect(scheme).toBe('either');
  expect(takes.flat()).toEqual([]);
});
