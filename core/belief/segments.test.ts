import { describe, expect, it, test } from 'vitest';
import type { Channel, Segment } from '../casefile/words';
import type { Cause } from '../knowledge/faults';
import type { Posterior } from './posterior';
import { segmentViews } from './segments';
import type { Hypothesis } from './waysThroughTime';

const way = (...faults: Cause[]): Hypothesis => ({ faults: [faults], odds: 1, faulty: faults.length > 0 });

interface Belief {
  /** Chance of a shorted sensor at the front left, in each variant of the car. */
  readonly short: readonly number[];
  readonly variants?: readonly number[];
  readonly shared?: number;
  readonly fixed?: { readonly segment: Segment; readonly channel?: Channel; readonly result?: string };
}

/** A belief made by hand: one channel, a sensor that is shorted or not, and what all channels share. */
function believed({ short, variants = [1], shared = 0, fixed }: Belief): Posterior {
  const channel = { channel: 'front-left', type: 'passive', hypotheses: [way(), way('sensor-short')] };
  const repair = fixed && { action: 'replaced', result: 'fixed', ...fixed };
  return {
    models: short.map(() => ({ channels: [channel], shared: [way(), way('module-input')] })),
    wayChance: short.map((chance) => [Float64Array.of(1 - chance, chance)]),
    sharedChance: short.map(() => Float64Array.of(1 - shared, shared)),
    variantChance: variants,
    evidence: { groups: [] },
    timeline: { stages: [{}], boundaries: repair ? [{ is: 'repair', repair }] : [] },
  } as unknown as Posterior;
}

const sensorOf = (belief: Belief) => segmentViews(believed(belief)).find(({ segment }) => segment === 'sensor');

describe('the path of a channel', () => {
  it('has its seven segments in their order', () => {
    expect(segmentViews(believed({ short: [0.5] })).map(({ segment }) => segment)).toEqual([
      'ring',
      'gap',
      'sensor',
      'lead',
      'plug',
      'loom',
      'module',
    ]);
  });
  test.each([
    [0.9, 'at-fault'],
    [0.8999, 'suspect'],
    [0.25, 'suspect'],
    [0.2499, 'open-question'],
    [0.01, 'open-question'],
    [0, 'open-question'],
  ])('a sensor believed at fault with %d is: %s', (short, state) =>
    expect(sensorOf({ short: [short] })).toMatchObject({ probability: short, state }),
  );
  it('adds up the variants of the car by their chances', () => {
    expect(sensorOf({ short: [0.9, 0.1], variants: [0.25, 0.75] })?.probability).toBeCloseTo(0.3, 12);
  });
  it('counts what all channels share in its own segment only', () => {
    const views = segmentViews(believed({ short: [0.1], shared: 0.4 }));
    expect(views.find(({ segment }) => segment === 'module')?.probability).toBeCloseTo(0.4, 12);
    expect(views.find(({ segment }) => segment === 'sensor')?.probability).toBeCloseTo(0.1, 12);
  });
  it('is never believed beyond certainty, whatever rounding adds', () => {
    expect(sensorOf({ short: [1 + 1e-12] })?.probability).toBe(1);
    expect(sensorOf({ short: [-1e-12] })?.probability).toBe(0);
  });
});

describe('proved good', () => {
  test.each([
    [0.02, 'proved-good'],
    [0.0201, 'open-question'],
  ])('after a repair that holds, with a chance of %d: %s', (short, state) =>
    expect(sensorOf({ short: [short], fixed: { segment: 'sensor', channel: 'front-left' } })?.state).toBe(state),
  );
  test.each([
    ['nothing was done', undefined],
    ['another segment was repaired', { segment: 'plug', channel: 'front-left' }],
    ['another wheel was repaired', { segment: 'sensor', channel: 'rear-right' }],
    ['the repair changed nothing', { segment: 'sensor', channel: 'front-left', result: 'not-fixed' }],
  ] as const)('not when %s', (_name, fixed) =>
    expect(sensorOf({ short: [0.001], ...(fixed ? { fixed } : {}) })?.state).toBe('open-question'),
  );
  it('by a repair that named no wheel, too', () =>
    expect(sensorOf({ short: [0.001], fixed: { segment: 'sensor' } })?.state).toBe('proved-good'));
});
