import { describe, expect, test } from 'vitest';
import { readWorkStep } from '../casefile/workStep';
import { CHECKS } from './checks/all';
import { checkMove, moveKey, printMove, repairMove } from './moves';
import { ALL_REPAIRS } from './repairs/all';

describe('moves are read and printed at the border, once', () => {
  test('every check and every repair comes back as it was printed', () => {
    for (const { check, manner } of CHECKS) {
      const move = checkMove(check, 'rear-left', manner);
      expect(move && printMove(move)).toBe(check);
      expect(move?.while).toBe(manner);
    }
    for (const { repair, action } of ALL_REPAIRS) {
      const move = repairMove(repair, 'rear-left');
      if (action === null) expect(move).toBeNull();
      else expect(move && printMove(move)).toBe(`repair:${repair}`);
    }
  });
  test('what is no check and no repair is none', () => {
    expect(checkMove('look:engine', null)).toBeNull();
    expect(repairMove('polished:ring', null)).toBeNull();
  });
  test('a key tells corner and manner apart', () => {
    const [here, there] = [checkMove('look:lead', 'rear-left'), checkMove('look:lead', 'rear-right')];
    const [still, flexed] = [
      checkMove('meter:sensor:resistance', 'rear-left'),
      checkMove('meter:sensor:resistance', 'rear-left', 'wiggle'),
    ];
    const keys = [here, there, still, flexed].map((move) => move && moveKey(move));
    expect(new Set(keys).size).toBe(4);
  });
});

describe('a step of work is taken apart in one place', () => {
  test.each([
    ['wheel-off@front-right', { name: 'wheel-off', of: [], channel: 'front-right' }],
    ['part:length:same@front-left', { name: 'part', of: ['length', 'same'], channel: 'front-left' }],
    ['timer', { name: 'timer', of: [], channel: null }],
    ['wheel-off@middle', { name: 'wheel-off', of: [], channel: null }],
    ['', { name: '', of: [], channel: null }],
  ])('%s', (step, read) => expect(readWorkStep(step)).toEqual(read));
});
