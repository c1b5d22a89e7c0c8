import { describe, expect, test } from 'vitest';
import { texts } from '#words/shared/terms';
import { TERM_PLATES } from '../drawings/plates/terms';
import { termsIn } from './termsIn';

const termsOf = (text: string): unknown[] => termsIn(text).flatMap(({ term }) => (term ? [term] : []));

describe('trade words in a text', () => {
  test('are found where they stand first, longest form first, and nothing is lost', () => {
    const text = 'Turn the hub: the toothed ring is on the hub, the air gap above it.';
    expect(termsOf(text)).toEqual(['hub', 'ring', 'air-gap']);
    expect(
      termsIn(text)
        .map(({ words }) => words)
        .join(''),
    ).toBe(text);
  });
  test('are whole words: nothing is found in a string, a bearing or a leader', () => {
    expect(termsOf('String, bearing, leader, spring, hubcap')).toEqual([]);
    expect(termsOf('Two chocks.')).toEqual(['chock']);
    expect(termsIn('')).toEqual([]);
  });
  test('each is one sentence and has its drawing', () => {
    const terms = Object.entries(texts.terms);
    expect(terms.length).toBeGreaterThan(15);
    for (const [id, { says }] of terms) {
      expect(says, id).toMatch(/^[^.]+\.$/);
      expect(Object.keys(TERM_PLATES)).toContain(id);
    }
  });
});
