import { describe, expect, it } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import { posteriorOf } from './posterior';
import { directProof, priorsOf, weightsOf } from './weights';

const believing = (...seen: Loose[]) => posteriorOf(caseOf(car('passive'), seen));
const OPEN: Loose = {
  kind: 'meter',
  channel: 'front-left',
  point: 'sensor',
  quantity: 'resistance',
  value: 'overload',
};
const SOUND_PLUG: Loose = { kind: 'look', part: 'plug', finding: 'sound', channel: 'front-left' };

describe('the prior of a channel’s ways', () => {
  it('sums to one, and gives a fault one chance among the channels and none', () => {
    const [model] = believing(OPEN).models;
    for (const channel of model?.channels ?? [])
      for (const channels of [1, 3, 4]) {
        const priors = priorsOf(channel, channels);
        expect(priors.reduce((sum, prior) => sum + prior, 0)).toBeCloseTo(1, 9);
        const faulty = channel.hypotheses.reduce((sum, way, at) => sum + (way.faulty ? (priors[at] ?? 0) : 0), 0);
        expect(faulty).toBeCloseTo(1 / (channels + 1), 9);
      }
  });
});

describe('what evidence weighs', () => {
  it('an open sensor speaks for its sensor or its lead, and against no other wheel', () => {
    const posterior = believing(OPEN);
    const weights = weightsOf(posterior);
    expect(new Set(weights.map(({ channel }) => channel))).toEqual(new Set(['front-left']));
    const most = weights.toSorted((a, b) => b.decibans - a.decibans)[0];
    expect(['sensor', 'lead']).toContain(most?.segment);
    expect(most?.decibans).toBeGreaterThan(5);
    expect(most?.ids).toEqual(['o1']);
    expect(weights.find(({ segment }) => segment === 'ring')?.decibans).toBeLessThan(0);
  });
  it('is told to a tenth of a deciban', () => {
    for (const { decibans } of weightsOf(believing(OPEN, SOUND_PLUG)))
      expect(Math.abs(decibans * 10 - Math.round(decibans * 10))).toBeLessThan(1e-9);
  });
});

describe('direct proof', () => {
  it('is what was looked at or measured there; a code is none', () => {
    const code = believing({ kind: 'code', code: 'C0031-13', status: 'current' });
    expect(directProof(code, 'front-left', 'sensor')).toBeCloseTo(0, 9);
    const looked = believing(SOUND_PLUG);
    expect(directProof(looked, 'front-left', 'plug')).toBeGreaterThan(0);
    expect(directProof(looked, 'front-right', 'plug')).toBe(0);
    expect(directProof(looked, 'front-left', 'ring')).toBeCloseTo(0, 1);
  });
  it('is never below nothing: what speaks for a fault proves nothing good', () =>
    expect(directProof(believing(OPEN), 'front-left', 'sensor')).toBe(0));
  it('of a wheel that the car has not is nothing', () =>
    expect(directProof(believing(OPEN), 'rear-axle', 'sensor')).toBe(0));
});
