import { isDeepStrictEqual } from 'node:util';
import { describe, expect, test } from 'vitest';
import type { CaseFile, ObservationOf, Vehicle } from '../core/casefile/contract';
import {
  METER_QUANTITIES,
  type Channel,
  type MeterPoint,
  type Quantity,
  type SensorType,
} from '../core/casefile/words';
import type { CoilBand } from '../core/evidence/coilBand';
import { usedLimit } from '../core/evidence/limits';
import { scaleOf } from '../core/evidence/judgeMeter';
import { readMeter } from '../core/evidence/readMeter';
import { contextWith, timelineOf } from '../core/evidence/timeline';
import { typedReading, UNITS_OF } from '../core/evidence/typedReading';
import type { Verdict } from '../core/evidence/verdict';
import { verdictsOf, verdictOf } from '../core/evidence/verdictOf';
import { assess } from '../core/judgement/assess';
import type { Limit, OutcomeRecord } from '../core/knowledge/outcomes/outcome';
import { summaryOf } from '../core/report/record';
import { car } from './support/caseBuilder';

/** One figure, one verdict: under the keypad, in the list, in the record, in what the belief is made of. */

const POINTS = Object.entries(METER_QUANTITIES).flatMap(([point, quantities]) =>
  quantities.map((quantity: Quantity) => [point as MeterPoint, quantity] as const),
);
const KINDS: readonly (SensorType | null)[] = ['passive', 'active', null];
const TEMPERATURES = [undefined, -10, 20, 45] as const;
const CHANNEL: Channel = 'rear-right';
const BAND = { min: 1000, max: 1400, at: 20 };
const SPECS: readonly (readonly [string, Vehicle['specs']])[] = [
  ['no manual', {}],
  ['manual', { sensorResistance: BAND, handSpinVoltage: { min: 0.1 }, supplyAtPlug: { min: 10, max: 13 } }],
];

/** Figures over all decades, near the manual's edges more densely, as they stand on a display. */
const FIGURES: readonly string[] = [
  ...[0, 0.001, 0.004, 0.007, 0.0105, 0.014, 0.02, 0.05, 0.08, 0.1, 0.12, 0.3, 0.5, 0.7, 0.99, 1.5, 2.5, 4.4, 4.8, 7],
  ...[8.5, 9.9, 10.1, 11.6, 12.4, 12.7, 13.2, 14.3, 15.5, 40, 99, 105, 300, 700, 880, 930, 990, 1010, 1200, 1390, 1450],
  ...[1800, 2900, 4000, 9000, 20_000, 33_000, 80_000, 250_000, 990_000, 1_500_000],
].map(String);

type Meter = Omit<ObservationOf<'meter'>, 'id' | 'value' | 'resolution'>;

/** The same figure at every door. */
function doorsOf(text: string, unit: string, meter: Meter, file: CaseFile): Readonly<Record<string, Verdict | null>> {
  const timeline = timelineOf(file);
  const typed = typedReading(text, unit, meter, (reading) => contextWith(timeline, reading));
  if (typed.is !== 'read') throw new Error(`${text} ${unit}: ${typed.words}`);
  const { value, resolution } = typed.reading;
  const kept = { ...meter, id: 'kept', value, ...(resolution ? { resolution } : {}) } as ObservationOf<'meter'>;
  const after = { ...file, observations: [...file.observations, kept] };
  const then = timelineOf(after);
  const line = summaryOf(after, { sides: 'left-right' }, false)
    .sections.flatMap(({ lines }) => lines)
    .find(({ verdict }) => verdict !== undefined);
  return {
    keypad: typed.verdict,
    entry: verdictOf(kept, contextWith(timeline, kept)),
    list: verdictsOf(then).get('kept') ?? null,
    record: line?.verdict ?? null,
  };
}

describe.each(POINTS)('%s, %s', (point, quantity) => {
  const unit = UNITS_OF[quantity].find((name) => ['Ω', 'V', 'A'].includes(name)) ?? '';
  for (const kind of KINDS)
    test(`${kind ?? 'unknown kind'}: the same verdict at every door, whatever figure, temperature and manual`, () => {
      let put = 0;
      const apart: string[] = [];
      for (const [, specs] of SPECS)
        for (const temperature of TEMPERATURES)
          for (const text of FIGURES) {
            const vehicle: Vehicle = { ...car(kind), specs };
            const file: CaseFile = { format: 'zelf-case', version: 1, vehicle, observations: [], repairs: [] };
            const meter: Meter = {
              kind: 'meter',
              channel: CHANNEL,
              point,
              quantity,
              ...(temperature === undefined ? {} : { temperature }),
            };
            const { keypad, ...others } = doorsOf(text, unit, meter, file);
            for (const [door, verdict] of Object.entries(others))
              if (!isDeepStrictEqual(verdict, keypad)) apart.push(`${door}: ${text} ${unit} at ${temperature}`);
            const kept = { ...meter, id: 'kept', value: Number(text) };
            const believed = readMeter(kept, CHANNEL, contextWith(timelineOf(file), kept));
            if ('reports' in believed && keypad) {
              const rough = verdictOf(kept, contextWith(timelineOf(file), kept));
              if (!isDeepStrictEqual(believed.reports[0]?.fits, rough?.fits)) apart.push(`belief: ${text} ${unit}`);
            }
            put += 1;
          }
      expect(apart).toEqual([]);
      expect(put).toBe(SPECS.length * TEMPERATURES.length * FIGURES.length);
    });
});

test('ten thousand figures and more are put', () =>
  expect(POINTS.length * KINDS.length * SPECS.length * TEMPERATURES.length * FIGURES.length).toBeGreaterThan(10_000));

/** The sheet's band of the car here. */
const BAND_USED: CoilBand = { min: 1000, max: 1400, atCelsius: 20, from: 'manual', otherSideOhm: null };

/** A limit so many times as far away; null where it is the manual's own figure. */
function stretched(limit: Limit, times: number): Limit | null {
  if ('fixed' in limit) return { fixed: limit.fixed * times };
  if ('at12V' in limit) return { at12V: limit.at12V * times };
  return 'share' in limit ? { ...limit, share: limit.share * times } : null;
}

/** What all doors show and the adviser thinks while the limit of an outcome is another. */
function whileIts<Seen>(outcome: OutcomeRecord, below: Limit, look: () => Seen): Seen {
  const record = outcome as { below?: Limit };
  const { below: own } = record;
  record.below = below;
  try {
    return look();
  } finally {
    if (own) record.below = own;
  }
}

describe('a limit that is corrected in knowledge moves every door', () => {
  test.each(POINTS)('%s, %s', (point, quantity) => {
    const unit = UNITS_OF[quantity].find((name) => ['Ω', 'V', 'A'].includes(name)) ?? '';
    const vehicle = car(quantity === 'dc-current' ? 'active' : 'passive');
    const file: CaseFile = { format: 'zelf-case', version: 1, vehicle, observations: [], repairs: [] };
    const spun = quantity === 'ac-voltage' ? ({ while: 'hand-spin' } as const) : {};
    const meter: Meter = { kind: 'meter', channel: CHANNEL, point, quantity, ...spun };
    const context = contextWith(timelineOf(file), { ...meter, id: 'kept', value: 1 });
    const outcomes = scaleOf({ ...meter, id: 'kept', value: 1 }, context)?.outcomes ?? [];
    const moved = outcomes.flatMap((outcome) => {
      const further = outcome.below && stretched(outcome.below, 4);
      return outcome.below && further ? [{ outcome, own: outcome.below, further }] : [];
    });
    expect(moved).not.toEqual([]);
    for (const { outcome, own, further } of moved) {
      const text = String(2 * usedLimit(own, BAND_USED, context).value);
      const kept = { ...meter, id: 'kept', value: Number(text) };
      const see = () => ({
        doors: doorsOf(text, unit, meter, file),
        thought: assess({ ...file, observations: [kept] }).ranking,
      });
      const [before, after] = [see(), whileIts(outcome, further, see)];
      const names = (seen: typeof before): readonly unknown[] => Object.values(seen.doors).map((door) => door?.outcome);
      expect(new Set(names(before)).size, `${text}: ${names(before).join()}`).toBe(1);
      expect(new Set(names(after)).size, `${text}: ${names(after).join()}`).toBe(1);
      expect(names(after)[0], `${outcome.id} below ${JSON.stringify(further)}, at ${text}`).not.toBe(names(before)[0]);
      expect(after.thought).not.toEqual(before.thought);
      expect(see()).toEqual(before);
    }
  });
});
