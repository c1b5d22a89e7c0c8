import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import type { CaseFile, Vehicle, Work } from '../casefile/contract';
import { PLUG_PLACES, SENSOR_PLACES } from '../casefile/words';
import { ALL_REPAIRS } from '../knowledge/repairs/all';
import type { StepRow } from '../knowledge/guide/step';
import { composeGuide, composeHome, OPENING_ORDER, type Guide, type GuideStep } from './compose';

const WHERE = 'front-right';
const REPAIRS = ALL_REPAIRS.filter(({ steps }) => steps);
/** Every row of the tables by its id. */
const ROWS: ReadonlyMap<string, StepRow> = new Map(
  [...OPENING_ORDER, ...REPAIRS.flatMap(({ steps = [] }) => steps)].map((row) => [row.id, row]),
);

/** A car, a repair, and how far somebody has come with it: what was done, left out, put back for the night. */
interface Situation {
  readonly sensor: (typeof SENSOR_PLACES)[number];
  readonly plug: (typeof PLUG_PLACES)[number];
  readonly repair: string;
  readonly isHighVoltage: boolean;
  readonly done: number;
  readonly skips: readonly number[];
  readonly isBackForTheNight: boolean;
}

const situations: fc.Arbitrary<Situation> = fc.record({
  sensor: fc.constantFrom(...SENSOR_PLACES),
  plug: fc.constantFrom(...PLUG_PLACES),
  repair: fc.constantFrom(...REPAIRS.map(({ repair }) => repair)),
  isHighVoltage: fc.boolean(),
  done: fc.nat(30),
  skips: fc.uniqueArray(fc.nat(25), { maxLength: 3 }),
  isBackForTheNight: fc.boolean(),
});

const stepsOf = (guide: Guide): readonly GuideStep[] => guide.phases.flatMap(({ steps }) => steps);

function fileFor(situation: Situation, work: readonly Omit<Work, 'id'>[]): CaseFile {
  const vehicle: Partial<Vehicle> = {
    places: { [WHERE]: { sensor: situation.sensor, plug: situation.plug } },
    ...(situation.isHighVoltage ? { highVoltage: true } : {}),
  };
  return { ...caseOf(car('passive', vehicle), []), work: work.map((entry, at) => ({ ...entry, id: `w${at}` })) };
}

const composed = (situation: Situation, work: readonly Omit<Work, 'id'>[] = []): readonly GuideStep[] => {
  const guide = composeGuide(fileFor(situation, work), situation.repair, WHERE);
  if (!guide) throw new Error(`no guide for ${situation.repair}`);
  return stepsOf(guide);
};

/** Work as somebody would leave it: the first steps done, some left out; perhaps all that was opened put back. */
function workOf(situation: Situation): readonly Omit<Work, 'id'>[] {
  const forward = composed(situation).filter(({ undoes, phase }) => undoes === undefined && phase !== 'close-up');
  const work = forward
    .slice(0, situation.done)
    .map(({ id }, at): Omit<Work, 'id'> => (situation.skips.includes(at) ? { step: id, skipped: true } : { step: id }));
  if (!situation.isBackForTheNight) return work;
  return work.map((entry) =>
    entry.skipped !== true && ROWS.get(entry.step.split('@')[0] ?? '')?.undo ? { ...entry, undone: true } : entry,
  );
}

const all = (check: (situation: Situation) => void, runs = 500): void =>
  fc.assert(fc.property(situations, check), { numRuns: runs });

describe('500 random combinations of place, access, repair and interruptions', () => {
  test('every step has what it needs done before it, and nothing it needs is undone before it is', () =>
    all((situation) => {
      const standing = new Set<string>();
      for (const step of composed(situation)) {
        if (step.undoes === undefined) {
          for (const need of ROWS.get(step.step)?.needs ?? []) expect([...standing], step.id).toContain(need);
          standing.add(step.step);
          continue;
        }
        standing.delete(step.step);
        for (const open of standing) {
          const row = ROWS.get(open);
          if (row?.undo) expect(row.needs ?? [], `${step.id} while ${open} is open`).not.toContain(step.step);
        }
      }
    }));

  test('every removal is matched by exactly one refit, the last removed the first refitted', () =>
    all((situation) => {
      const steps = composed(situation);
      const removed = steps.filter(({ undoes, step }) => undoes === undefined && ROWS.get(step)?.undo);
      const refitted = steps.flatMap(({ undoes }) => (undoes === undefined ? [] : [undoes]));
      expect(refitted.toSorted()).toEqual(removed.map(({ id }) => id).toSorted());
      const inPhase = (phase: string): number[] =>
        steps
          .filter((step) => step.undoes !== undefined && step.phase === phase)
          .map(({ undoes }) => removed.findIndex(({ id }) => id === undoes));
      for (const phase of ['fit', 'close-up']) expect(inPhase(phase)).toEqual(inPhase(phase).toSorted((a, b) => b - a));
    }));

  test('what is done is not asked again; what was put back for the night is opened again, and closed again', () =>
    all((situation) => {
      const work = workOf(situation);
      const guide = composed(situation, work);
      const after = new Map(guide.map((step) => [step.id, step]));
      const middle = REPAIRS.find(({ repair }) => repair === situation.repair)?.steps ?? [];
      const isRepaired = middle
        .filter(({ phase }) => phase !== 'close-up')
        .every(
          ({ id }) => guide.find(({ step }) => step === id)?.done || guide.find(({ step }) => step === id)?.skipped,
        );
      const closed = new Set(work.flatMap(({ step, undone }) => (undone ? [step] : [])));
      for (const { step, skipped } of work) {
        if (skipped) expect(after.get(step)?.skipped, step).toBe(true);
        else expect(after.get(step)?.done, step).toBe(!closed.has(step) || isRepaired);
      }
      for (const step of closed) expect(after.get(`undo:${step}`)?.done, step).toBe(isRepaired);
    }));

  test('for the night all that stands open is put back, last opened first, and nothing else', () =>
    all((situation) => {
      const work = workOf({ ...situation, isBackForTheNight: false });
      const home = composeHome(fileFor(situation, work), WHERE);
      const open = work.filter(({ step, skipped }) => !skipped && ROWS.get(step.split('@')[0] ?? '')?.undo);
      const back = home ? stepsOf(home).flatMap(({ undoes }) => (undoes === undefined ? [] : [undoes])) : [];
      expect(back.toSorted()).toEqual(open.map(({ step }) => step).toSorted());
      const isWheelOff = open.some(({ step }) => step.startsWith('wheel-off'));
      expect(home ? stepsOf(home).some(({ step }) => step === 'wheel-torqued') : false).toBe(isWheelOff);
      const torques = (home ? stepsOf(home) : []).flatMap(({ step, id, undoes }) =>
        undoes === undefined && step !== 'own' ? [{ step: id }] : [],
      );
      const put = work.map((entry) => (back.includes(entry.step) ? { ...entry, undone: true } : entry));
      if (torques.length > 0) expect(composeHome(fileFor(situation, put), WHERE)).not.toBeNull();
      expect(composeHome(fileFor(situation, [...put, ...torques]), WHERE)).toBeNull();
    }));

  test('what was left out is not refitted', () =>
    all((situation) => {
      const work = workOf(situation);
      const left = work.flatMap(({ step, skipped }) => (skipped ? [step] : []));
      const refitted = composed(situation, work).flatMap(({ undoes }) => (undoes === undefined ? [] : [undoes]));
      expect(refitted.filter((id) => left.includes(id))).toEqual([]);
    }));

  test('every caution of a step that is still to be done stands once, at the first such step', () =>
    all((situation) => {
      const steps = composed(situation, workOf(situation));
      const open = steps.filter(({ done, skipped }) => !done && !skipped);
      const said = open.flatMap(({ cautions }) => cautions.map(({ id }) => id));
      expect(new Set(said).size).toBe(said.length);
      const wanted = open.flatMap(({ step, undoes }) => {
        const row = ROWS.get(step);
        return (undoes === undefined ? row?.cautions : row?.undo?.cautions) ?? [];
      });
      for (const id of new Set(wanted)) expect(said, id).toContain(id);
      if (situation.isHighVoltage && open[0] === steps[0]) expect(said[0]).toBe('high-voltage');
    }));

  test('the tools that are listed are exactly those of the steps', () =>
    all((situation) => {
      const guide = composeGuide(fileFor(situation, workOf(situation)), situation.repair, WHERE);
      const used = guide
        ? stepsOf(guide)
            .filter(({ skipped }) => !skipped)
            .flatMap(({ tools }) => tools)
        : [];
      expect([...(guide?.needs.tools ?? [])].toSorted()).toEqual([...new Set(used)].toSorted());
    }));

  test('nothing is lifted where nothing needs it, no wheel comes off where nothing lies behind it', () =>
    all((situation) => {
      const ids = composed(situation).map(({ step }) => step);
      const record = REPAIRS.find(({ repair }) => repair === situation.repair);
      const isAtWheel = record?.setups.some((setup) => ['wheel-off', 'sensor-out'].includes(setup)) || record?.opens;
      const isPlug = record?.setups.includes('plug-apart');
      if (!isAtWheel && !isPlug) expect(ids).not.toContain('raised');
      if (!isAtWheel && isPlug && ['bonnet', 'sill', 'seat', 'trim'].includes(situation.plug))
        expect(ids).not.toContain('raised');
      if (ids.includes('wheel-off')) expect(ids).toContain('raised');
      if (ids.includes('wheel-torqued')) expect(ids).toContain('wheel-off');
    }));
});

test('the order of opening is one in which every step comes after what it needs', () => {
  const ids = OPENING_ORDER.map(({ id }) => id);
  for (const { id, needs = [] } of OPENING_ORDER)
    for (const need of needs) expect(ids.indexOf(need), `${id} needs ${need}`).toBeLessThan(ids.indexOf(id));
});

test('what steps need, warn of and undo is what was last agreed on: a change is looked at by somebody', async () => {
  const said = (words: readonly string[] | undefined): string => words?.join(' ') ?? '';
  const lines = [...ROWS.values()].map(({ id, phase, needs, cautions, torque, undo }) =>
    [
      `${id} (${phase})`,
      needs ? `needs ${said(needs)}` : '',
      cautions ? `warns ${said(cautions)}` : '',
      torque ? `torque ${torque}` : '',
      undo
        ? `undone in ${undo.phase}${undo.cautions ? `, warns ${said(undo.cautions)}` : ''}${undo.torque ? `, torque ${undo.torque}` : ''}`
        : '',
    ]
      .filter(Boolean)
      .join('; '),
  );
  await expect(`${lines.toSorted().join('\n')}\n`).toMatchFileSnapshot('procedures.txt');
});
