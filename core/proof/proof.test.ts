import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import { drivesSince, proofSteps, proofVerdict } from './proofSteps';
import { sinceRepair } from './sinceRepair';
import { answerOf, PROOF_ANSWERS } from './answers';
import type { ProofStepId } from './proofSteps';
import { endingWords } from './endingWords';
import { failedRepairs } from './failedRepairs';
import { cleanTrips, comesAndGoes } from './trips';
import { validate } from '../casefile/validate';
import type { Observation } from '../casefile/contract';
import { chanceOfSilence, doubtLeft, tripsNeeded } from './watch';

const before: Loose[] = [
  { kind: 'code', code: 'C0031', status: 'current' },
  { kind: 'drive', result: 'lamps-came-back' },
];
const repair = { channel: 'front-left', after: 'o2' } as const;
const verdictOf = (seen: readonly Loose[], tripsNeeded: number | null = null) => {
  const file = caseOf(car('passive'), [...before, ...seen], [repair]);
  return proofVerdict(proofSteps(file), { ...drivesSince(file), tripsNeeded });
};

describe('the proof', () => {
  const clean: Loose[] = [
    { kind: 'clear', result: 'stayed-clear' },
    { kind: 'drive', result: 'lamps-stayed-out' },
    { kind: 'no-code' },
  ];
  test('what came before the repair does not count', () => expect(verdictOf([])).toBe('not-begun'));
  test('a lit lamp right after a good repair is no failure', () =>
    expect(verdictOf([{ kind: 'lamps', lit: ['abs'] }])).toBe('going-on'));
  test('a lamp lit after the erase is one', () =>
    expect(verdictOf([...clean.slice(0, 1), { kind: 'lamps', lit: ['abs'] }])).toBe('not-cured'));
  test('without a reader: lamps out and two drives of ten kilometres together', () => {
    const out: Loose = { kind: 'lamps', lit: [] };
    const drive = (distance: number): Loose => ({ kind: 'drive', result: 'lamps-stayed-out', distance });
    expect(verdictOf([out, drive(20)])).toBe('going-on');
    expect(verdictOf([out, drive(4), drive(5)])).toBe('going-on');
    expect(verdictOf([drive(5), drive(5)])).toBe('going-on');
    expect(verdictOf([out, drive(5), drive(5)])).toBe('proved-by-lamp');
  });
  test('a fault that came and went is watched, however clean the day', () => {
    expect(verdictOf(clean, 3)).toBe('watching');
    expect(verdictOf(clean, 0)).toBe('proved');
  });
  test('stored codes are history before an erase, and have come back after one', () => {
    const stored: Loose = { kind: 'code', code: 'C0031', status: 'stored' };
    expect(verdictOf([stored])).toBe('going-on');
    expect(verdictOf([...clean.slice(0, 2), stored])).toBe('not-cured');
  });
  test('erased, driven, read again', () => expect(verdictOf(clean)).toBe('proved'));
  test('a re-read straight after the erase proves nothing', () =>
    expect(verdictOf([...clean.slice(0, 2), { kind: 'no-code', tested: false }])).toBe('going-on'));
  test('back at key-on', () => expect(verdictOf([{ kind: 'clear', result: 'returned-at-key-on' }])).toBe('not-cured'));
  test('the latest word counts', () =>
    expect(verdictOf([{ kind: 'drive', result: 'lamps-came-back' }, ...clean])).toBe('proved'));
  test('a withdrawn observation does not count', () =>
    expect(verdictOf([...clean.slice(0, 2), { kind: 'no-code', withdrawn: true }])).toBe('going-on'));
  test('without a repair there is nothing to prove', () =>
    expect(sinceRepair(caseOf(car('passive'), before)).repair).toBeNull());
});

describe('the watch', () => {
  test('no trips change no doubt, and each clean trip lowers it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 0.9, noNaN: true }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 9 }),
        fc.integer({ min: 0, max: 9 }),
        (q, trips, shown, clean) => {
          const known = { shown, clean };
          expect(doubtLeft(q, 0, known)).toBeCloseTo(q, 12);
          expect(doubtLeft(q, trips + 1, known)).toBeLessThan(doubtLeft(q, trips, known));
          expect(chanceOfSilence(trips, known)).toBeGreaterThan(0);
        },
      ),
    );
  });
  test('closed form: after one failure, E[(1−p)ⁿ] with Beta(2, 1) is 2/((n+1)(n+2))', () => {
    for (const n of [0, 1, 2, 5, 20])
      expect(chanceOfSilence(n, { shown: 1, clean: 0 })).toBeCloseTo(2 / ((n + 1) * (n + 2)), 12);
  });
  test('the trips needed are the fewest that are enough', () => {
    const known = { shown: 1, clean: 2 };
    const needed = tripsNeeded(0.3, known);
    expect(needed).toBeGreaterThan(2);
    expect(doubtLeft(0.3, needed, known)).toBeLessThanOrEqual(0.05);
    expect(doubtLeft(0.3, needed - 1, known)).toBeGreaterThan(0.05);
  });
});

describe('several wheels', () => {
  const spin = (channel: string, finding = 'follows'): Loose =>
    ({ kind: 'live', while: 'hand-spin', channel, finding }) as Loose;
  const spins = (seen: readonly Loose[]) => {
    const file = caseOf(
      car('passive'),
      [...before, ...seen],
      [
        { channel: 'front-left', after: 'o2' },
        { channel: 'rear-right', after: 'o3' },
      ],
    );
    return proofSteps(file)
      .filter((step) => step.id === 'spin')
      .map((step) => [step.channel, step.state]);
  };
  test('each repaired wheel is spun by itself, and no other counts', () => {
    expect(spins([spin('front-left'), spin('front-right', 'zero')])).toEqual([
      ['front-left', 'good'],
      ['rear-right', 'open'],
    ]);
    expect(spins([spin('front-left'), spin('rear-right', 'zero')])).toEqual([
      ['front-left', 'good'],
      ['rear-right', 'bad'],
    ]);
  });
  test('a repair that changed nothing is not proved', () =>
    expect(
      proofSteps(caseOf(car('passive'), before, [{ ...repair, result: 'no-change' }])).filter(
        ({ id }) => id === 'spin',
      ),
    ).toEqual([]));
});

describe('trips', () => {
  const at = (minute: number, extra: object = {}): Observation => ({
    id: `d${minute}`,
    at: `2026-05-04T17:${String(minute).padStart(2, '0')}:00Z`,
    kind: 'drive',
    result: 'lamps-stayed-out',
    distance: 5,
    ...extra,
  });
  test('two taps within ten minutes are one drive', () => {
    expect(cleanTrips([at(0), at(9)])).toEqual({ trips: 1, kilometres: 5 });
    expect(cleanTrips([at(0), at(10)])).toEqual({ trips: 2, kilometres: 10 });
  });
  test('a clock that was set back swallows no drive', () => {
    const back = (day: number): Observation => ({ ...at(0), id: `b${day}`, at: `2026-03-0${day}T08:00:00Z` });
    expect(cleanTrips([at(0), back(1), back(2)])).toEqual({ trips: 3, kilometres: 15 });
    expect(cleanTrips([at(9), at(0)])).toEqual({ trips: 1, kilometres: 5 });
  });
  test('several trips may be noted at once; one on which the lamp came back is none', () => {
    expect(cleanTrips([at(0, { trips: 12 })])).toEqual({ trips: 12, kilometres: 60 });
    expect(cleanTrips([at(0, { result: 'lamps-came-back' })])).toEqual({ trips: 0, kilometres: 0 });
  });
  test('what comes and goes is told by lamps, codes, drop-outs or the ranking', () => {
    const none = caseOf(car('passive'), before);
    expect(comesAndGoes(none, [])).toBe(false);
    expect(comesAndGoes(none, [{ fault: 'lead-intermittent', probability: 0.31 }])).toBe(true);
    expect(comesAndGoes(none, [{ fault: 'lead-intermittent', probability: 0.29 }])).toBe(false);
    expect(comesAndGoes(caseOf(car('passive'), [{ kind: 'lamps', lit: ['abs'], pattern: ['intermittent'] }]), [])).toBe(
      true,
    );
  });
});

describe('every answer', () => {
  const context = {
    channel: 'front-left',
    codes: ['C0031', 'C0034'],
    chosen: ['C0034'],
    lit: ['abs'],
    kilometres: 7,
    trips: 2,
  } as const;
  const rows = Object.entries(PROOF_ANSWERS).flatMap(([id, answers]) => answers.map((answer) => [id, answer] as const));
  test.each(rows.filter(([, answer]) => answer.makes))(
    'of $0 $1.id is recorded rightly and known again',
    (id, answer) => {
      const made = answer.makes?.(context) ?? [];
      const file = caseOf(car('passive'), [...before, ...(made as readonly Loose[])], [repair]);
      expect(validate(file)).toMatchObject({ ok: true });
      const step = proofSteps(file).find((entry) => entry.id === (id as ProofStepId));
      expect(step && answerOf(step)?.id).toBe(answer.id);
      expect({ for: 'good', against: 'bad', 'not-yet': 'open' }[answer.speaks]).toBe(step?.state);
    },
  );
  test('only the codes that came back come back', () => {
    const back = PROOF_ANSWERS.erase.find((answer) => answer.id === 'back-at-key-on');
    expect(back?.makes?.(context)).toEqual([
      { kind: 'clear', result: 'returned-at-key-on', method: 'reader', returned: ['C0034'], stayed: ['C0031'] },
    ]);
  });
});

describe('which repair failed', () => {
  const two = [
    { channel: 'front-left', after: 'o3', segment: 'plug', action: 'reseated' },
    { channel: 'rear-right', after: 'o3' },
  ] as const;
  const codes: readonly Loose[] = [
    { kind: 'code', code: 'C0031', status: 'current' },
    { kind: 'code', code: 'C003A', status: 'current' },
    { kind: 'lamps', lit: ['abs'] },
  ];
  const failed = (seen: readonly Loose[]) =>
    failedRepairs(caseOf(car('passive'), [...codes, ...seen], two)).map((repair) => repair.channel);
  test('the one of the wheel that is deaf, or that the code names which came back', () => {
    expect(failed([{ kind: 'live', while: 'hand-spin', channel: 'front-left', finding: 'zero' }])).toEqual([
      'front-left',
    ]);
    expect(failed([{ kind: 'clear', result: 'returned-at-key-on', returned: ['C0031'], stayed: ['C003A'] }])).toEqual([
      'front-left',
    ]);
  });
  test('both where both came back, the last where nothing is named, none while nothing is bad', () => {
    expect(failed([{ kind: 'clear', result: 'returned-later', returned: ['C003A', 'C0031'] }])).toEqual([
      'front-left',
      'rear-right',
    ]);
    expect(failed([{ kind: 'drive', result: 'lamps-came-back' }])).toEqual(['rear-right']);
    expect(failed([{ kind: 'drive', result: 'lamps-stayed-out' }])).toEqual([]);
  });
});

describe('how it ended, in words', () => {
  const ended = (seen: readonly Loose[], ending: 'solved' | 'handed-over' = 'solved') =>
    endingWords({ ...caseOf(car('passive'), [...before, ...seen], [repair]), ending }).join(' ');
  test('a solved job says what that rests on', () => {
    expect(
      ended([
        { kind: 'lamps', lit: [] },
        { kind: 'drive', result: 'lamps-stayed-out', distance: 6, trips: 2 },
      ]),
    ).toMatch(/2 drives over 12 km; codes were not read/);
    expect(
      ended([
        { kind: 'clear', result: 'stayed-clear' },
        { kind: 'drive', result: 'lamps-stayed-out' },
        { kind: 'no-code' },
      ]),
    ).toMatch(/by reader/);
    expect(ended([])).toBe('Solved: the lamps stay out.');
    expect(ended([], 'handed-over')).toBe('Handed over to a workshop.');
  });
});
