import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import type { CaseFile, Repair, Vehicle, Work } from '../casefile/contract';
import { STEP_CAUTIONS } from '../knowledge/guide/stepCautions';
import { composeGuide, composeHome, type Guide } from './compose';
import { ALL_REPAIRS } from '../knowledge/repairs/all';
import { LADDERS } from '../knowledge/guide/ladders';

const places = (sensor: string, plug: string): Partial<Vehicle> => ({
  places: { 'rear-right': { sensor, plug } } as Vehicle['places'],
});

function guideFor(vehicle: Vehicle, work: readonly Partial<Work>[] = [], repair = 'replaced:sensor'): Guide {
  const file: CaseFile = {
    ...caseOf(vehicle, []),
    work: work.map((work, index) => ({ id: `w${index}`, step: '', ...work })),
  };
  const guide = composeGuide(file, repair, 'rear-right');
  if (!guide) throw new Error(`no guide for ${repair}`);
  return guide;
}

const stepsOf = (guide: Guide) => guide.phases.flatMap((phase) => phase.steps);
const ids = (guide: Guide) => stepsOf(guide).map((step) => step.id.replace('@rear-right', ''));

describe('a sensor in the knuckle, plug at the sill', () => {
  const vehicle = car('passive', { ...places('knuckle', 'sill'), specs: { torques: { 'sensor-bolt': 8 } } });

  test('phases stand in working order', () => {
    expect(guideFor(vehicle).phases.map((phase) => phase.phase)).toEqual([
      'make-safe',
      'reach-it',
      'free-it',
      'prepare',
      'fit',
      'close-up',
    ]);
  });
  test('closing runs backwards through what was opened', () => {
    const all = ids(guideFor(vehicle));
    const opened = all.filter((id) => all.includes(`undo:${id}`));
    const closed = all.filter((id) => id.startsWith('undo:')).map((id) => id.slice(5));
    expect(opened).toEqual(['raised', 'wheel-off', 'plug-apart', 'clips-out', 'bolt-out', 'sensor-out']);
    expect(closed).toEqual(['sensor-out', 'bolt-out', 'clips-out', 'plug-apart', 'wheel-off', 'raised']);
  });
  test('no arch liner is opened, and none is put back', () =>
    expect(ids(guideFor(vehicle)).filter((id) => id.includes('liner'))).toEqual([]));
  test('the last pass on the wheel nuts comes with the car on the ground', () =>
    expect(ids(guideFor(vehicle)).slice(-2)).toEqual(['undo:raised', 'wheel-torqued']));
  test("the manual's torque stands at its step, an unknown one is left to the manual", () => {
    const torques = stepsOf(guideFor(vehicle)).flatMap((step) => (step.torque ? [step.torque] : []));
    expect(torques).toEqual([
      { point: 'sensor-bolt', newtonMetre: 8 },
      { point: 'wheel-nut', newtonMetre: null },
    ]);
  });
});

describe('access varies by place', () => {
  test('behind the arch liner', () =>
    expect(ids(guideFor(car('passive', places('knuckle', 'arch-liner'))))).toContain('liner-off'));
  test('behind the disc: caliper hung, pedal pumped at the end', () => {
    const all = ids(guideFor(car('passive', places('behind-disc', 'sill'))));
    expect(all.indexOf('caliper-off')).toBeLessThan(all.indexOf('disc-off'));
    expect(all.indexOf('undo:disc-off')).toBeLessThan(all.indexOf('undo:caliper-off'));
    expect(all.at(-1)).toBe('pedal-pumped');
  });
  test('on the differential no wheel comes off', () => {
    const file = caseOf(
      car('passive', {
        channels: ['front-left', 'front-right', 'rear-axle'],
        places: { 'rear-axle': { sensor: 'differential', plug: 'underbody' } },
      }),
      [],
    );
    const all =
      composeGuide(file, 'replaced:sensor', 'rear-axle')?.phases.flatMap((phase) =>
        phase.steps.map((step) => step.id),
      ) ?? [];
    expect(all.some((id) => id.startsWith('wheel-off'))).toBe(false);
    expect(all).toContain('raised@rear-axle');
  });
});

describe('what was done', () => {
  const vehicle = car('passive', places('knuckle', 'sill'));
  test('work noted is done; undone, its way back is done', () => {
    const before = stepsOf(guideFor(vehicle, [{ step: 'wheel-off@rear-right' }]));
    expect(before.find((reason) => reason.id === 'wheel-off@rear-right')?.done).toBe(true);
    expect(before.find((reason) => reason.id === 'undo:wheel-off@rear-right')?.done).toBe(false);
    const repaired = before
      .filter(({ undoes, phase }) => undoes === undefined && phase !== 'close-up' && phase !== 'make-safe')
      .map(({ id }) => ({ step: id, undone: id.startsWith('wheel-off') }));
    const after = stepsOf(guideFor(vehicle, repaired));
    expect(after.find((reason) => reason.id === 'undo:wheel-off@rear-right')?.done).toBe(true);
    expect(after.find((reason) => reason.id === 'wheel-off@rear-right')?.done).toBe(true);
  });
  test('put back before the repair is done, it is opened again', () => {
    const after = stepsOf(guideFor(vehicle, [{ step: 'wheel-off@rear-right', undone: true }]));
    expect(after.find((reason) => reason.id === 'wheel-off@rear-right')?.done).toBe(false);
    expect(after.find((reason) => reason.id === 'undo:wheel-off@rear-right')?.done).toBe(false);
  });
  test('the wheel nuts are torqued after each time that the wheel was off', () => {
    const once = [{ step: 'wheel-off@rear-right', undone: true }, { step: 'wheel-torqued@rear-right' }];
    const torqued = (work: Parameters<typeof guideFor>[1]): boolean | undefined =>
      stepsOf(guideFor(vehicle, work)).find(({ step }) => step === 'wheel-torqued')?.done;
    expect(torqued(once)).toBe(true);
    expect(torqued([...once, { step: 'wheel-off@rear-right' }])).toBe(false);
  });
  test('a wheel that is off for something else goes back on with its torque', () => {
    const bonnet = car('passive', places('knuckle', 'bonnet'));
    const steps = stepsOf(guideFor(bonnet, [{ step: 'wheel-off@rear-right' }], 'reseated:plug'));
    const order = steps.map(({ id }) => id);
    expect(order).not.toContain('wheel-off@rear-right');
    expect(order.indexOf('wheel-torqued@rear-right')).toBeGreaterThan(order.indexOf('undo:wheel-off@rear-right'));
    expect(order).toContain('undo:wheel-off@rear-right');
  });
  test('a second repair of the corner has its own steps before it; what stands open still does', () => {
    const file = caseOf(vehicle, []);
    const work = ['wheel-off@rear-right', 'bore-bright@rear-right'].map((step, at) => ({
      id: `w${at}`,
      at: '2026-05-04T18:00:00+02:00',
      step,
    }));
    const made = {
      id: 'r',
      at: '2026-05-04T16:30:00Z',
      action: 'cleaned',
      segment: 'sensor',
      channel: 'rear-right',
      result: 'no-change',
    } as const;
    const done = (repairs: readonly Repair[]): readonly string[] =>
      stepsOf(composeGuide({ ...file, work, repairs }, 'replaced:sensor', 'rear-right') as Guide)
        .filter((step) => step.done)
        .map(({ step }) => step);
    expect(done([])).toEqual(['wheel-off', 'bore-bright']);
    expect(done([made])).toEqual(['wheel-off']);
    expect(done([{ ...made, at: '2026-05-04T15:30:00Z' }])).toEqual(['wheel-off', 'bore-bright']);
    expect(done([{ ...made, result: 'unknown' }])).toEqual(['wheel-off', 'bore-bright']);
  });
  test('what was not needed is not put back', () => {
    const guide = guideFor(vehicle, [{ step: 'clips-out@rear-right', skipped: true }]);
    expect(ids(guide)).not.toContain('undo:clips-out');
    expect(stepsOf(guide).find((step) => step.id === 'clips-out@rear-right')?.skipped).toBe(true);
  });
  test('what stands open from an earlier check is closed too', () => {
    const guide = guideFor(vehicle, [{ step: 'module-plug-apart' }], 'cleaned:plug');
    expect(ids(guide)).toContain('undo:module-plug-apart');
  });
});

describe('cautions', () => {
  test('each is said once per exposure', () => {
    const said = stepsOf(guideFor(car('passive', places('behind-disc', 'arch-liner')))).flatMap((step) =>
      step.cautions.map((caution) => caution.id),
    );
    expect(said.length).toBeGreaterThan(5);
    expect(new Set(said).size).toBe(said.length);
  });
  test('on a high-voltage car the first words are to stop', () => {
    expect(
      stepsOf(guideFor(car('active', { ...places('knuckle', 'sill'), highVoltage: true })))[0]?.cautions[0]?.id,
    ).toBe('high-voltage');
  });
  test('every caution that a table names has words', () => {
    const named = [
      ...ALL_REPAIRS.flatMap((record) => (record.steps ?? []).flatMap((step) => step.cautions ?? [])),
      ...Object.values(LADDERS).flatMap(({ rungs }) => rungs.flatMap(({ cautions }) => cautions)),
    ];
    expect(named.filter((id) => !STEP_CAUTIONS.has(id))).toEqual([]);
  });
});

describe('what the owner adds', () => {
  const vehicle = car('passive', places('knuckle', 'sill'));
  const shield = { step: 'own:a@rear-right', note: 'splash shield' };
  const work = [{ step: 'wheel-off@rear-right' }, shield, { step: 'bolt-out@rear-right' }];
  const idsOf = (steps: readonly { id: string }[]): readonly string[] => steps.map(({ id }) => id);
  test('stands behind what it followed, and is put back before that is', () => {
    const steps = idsOf(stepsOf(guideFor(vehicle, work)));
    expect(steps.indexOf('own:a@rear-right')).toBe(steps.indexOf('wheel-off@rear-right') + 1);
    expect(steps.indexOf('undo:own:a@rear-right')).toBe(steps.indexOf('undo:wheel-off@rear-right') - 1);
    const back = stepsOf(guideFor(vehicle, work)).find(({ id }) => id === 'undo:own:a@rear-right');
    expect(back).toMatchObject({ text: 'Put back: splash shield', done: false, undoes: 'own:a@rear-right' });
  });
  test('what broke is renewed, and is on the list of parts', () => {
    const guide = guideFor(vehicle, [{ step: 'broke:b@rear-right', note: 'valve cap' }]);
    expect(stepsOf(guide).map(({ text }) => text)).toContain('Fit a new one: valve cap');
    expect(guide.needs.parts).toContain('valve cap');
  });
  test('two in a row are put back last first; those of another corner are not asked here', () => {
    const two = [...work, { step: 'own:c@rear-right', note: 'clip' }, { step: 'own:d@rear-right', note: 'bracket' }];
    const back = idsOf(stepsOf(guideFor(vehicle, two))).filter((id) => id.startsWith('undo:own'));
    expect(back).toEqual(['undo:own:d@rear-right', 'undo:own:c@rear-right', 'undo:own:a@rear-right']);
    expect(idsOf(stepsOf(guideFor(vehicle, [{ step: 'own:x@front-left', note: 'cap' }])))).not.toContain(
      'own:x@front-left',
    );
  });
  test('put back for the night and taken off again, it is one step, and done', () => {
    const again = [{ ...shield, undone: true }, { step: shield.step }];
    const steps = stepsOf(guideFor(vehicle, again)).filter(({ id }) => id.includes('own:a'));
    expect(steps.map(({ id, text, done }) => [id, text, done])).toEqual([
      ['own:a@rear-right', 'splash shield', true],
      ['undo:own:a@rear-right', 'Put back: splash shield', false],
    ]);
  });
  test('it is put back for the night, too', () => {
    const home = composeHome(
      { ...caseOf(vehicle, []), work: work.map((entry, at) => ({ ...entry, id: `${at}` })) },
      'rear-right',
    );
    expect(idsOf(stepsOf(home as Guide))).toEqual([
      'undo:bolt-out@rear-right',
      'undo:own:a@rear-right',
      'undo:wheel-off@rear-right',
      'wheel-torqued@rear-right',
    ]);
  });
});

test.each(Object.values(LADDERS))(
  '$id is mildest first; what destroys comes last, and stops come at the end',
  ({ rungs, brokenAt }) => {
    const risk = rungs.map(({ destroys, stops }) => (stops ? 2 : destroys ? 1 : 0));
    expect(risk).toEqual(risk.toSorted((a, b) => a - b));
    if (brokenAt) expect(rungs.find(({ id }) => id === brokenAt)?.destroys).toBe(true);
  },
);

test('a sensor is not destroyed without the new one in hand', () => {
  const last = LADDERS['stuck-sensor'].rungs.filter(({ destroys }) => destroys);
  expect(last.length).toBeGreaterThan(1);
  for (const { cautions } of last) expect(cautions).toContain('part-in-hand');
  expect(LADDERS['stuck-sensor'].inHand.map(({ id }) => id)).toContain('new-sensor');
});

test('every procedure composes; a workshop job has none', () => {
  const withSteps = ALL_REPAIRS.filter((record) => record.steps);
  expect(withSteps.length).toBe(ALL_REPAIRS.filter((record) => record.action !== null && !record.workshop).length);
  expect(withSteps.length).toBeGreaterThan(19);
  for (const record of withSteps)
    expect(stepsOf(guideFor(car('passive'), [], record.repair)).length).toBeGreaterThan(0);
  expect(composeGuide(caseOf(car('passive'), []), 'replaced:module', 'rear-right')).toBeNull();
});

describe('rings and bearings', () => {
  test('the hub nut is cracked on the ground, and tightened on the ground with a new one', () => {
    const all = ids(guideFor(car('passive', places('knuckle', 'sill')), [], 'replaced:gap'));
    expect(all.indexOf('hub-nut-cracked')).toBeLessThan(all.indexOf('raised'));
    expect(all.indexOf('hub-nut-torqued')).toBeGreaterThan(all.indexOf('undo:raised'));
    expect(all.slice(all.indexOf('caliper-off'), all.indexOf('hub-unit-out') + 1)).toEqual([
      'caliper-off',
      'disc-off',
      'hub-unit-out',
    ]);
    expect(all.indexOf('encoder-checked')).toBeLessThan(all.indexOf('undo:hub-unit-out'));
    expect(all.indexOf('undo:hub-unit-out')).toBeLessThan(all.indexOf('undo:disc-off'));
  });
  test('a ring is noted and split before the new one goes on, and watched before the shaft goes back', () => {
    const all = ids(guideFor(car('passive', places('knuckle', 'sill')), [], 'replaced:ring'));
    const at = ['shaft-out', 'ring-off', 'ring-seat-bright', 'ring-on', 'ring-true', 'undo:shaft-out'].map((id) =>
      all.indexOf(id),
    );
    expect(at).toEqual(at.toSorted((a, b) => a - b));
    expect(at[0]).toBeGreaterThan(0);
  });
  test('the look at the tip after 50 km comes when the car stands on its wheels again', () => {
    const all = ids(guideFor(car('passive', places('knuckle', 'sill')), [], 'spaced:gap'));
    expect(all.at(-1)).toBe('marks-checked');
    expect(all).toContain('undo:raised');
  });
  test('the break of a loom is searched for until it has been seen; once mended, a new one is searched for again', () => {
    const CORNER = 'rear-right';
    const searches = (seen: readonly Loose[], mendedAfter?: string): boolean => {
      const repairs = mendedAfter
        ? [
            {
              action: 'repaired-wire',
              segment: 'loom',
              channel: CORNER,
              result: 'unknown',
              after: mendedAfter,
            } as const,
          ]
        : [];
      const guide = composeGuide(caseOf(car('passive'), seen, repairs), 'repaired-wire:loom', CORNER);
      if (!guide) throw new Error('no guide');
      return ids(guide).includes('break-found');
    };
    const look = (finding: string, channel: string = CORNER) =>
      ({ kind: 'look', channel, part: 'loom', finding }) as Loose;
    expect(searches([])).toBe(true);
    expect(searches([look('sound')])).toBe(true);
    expect(searches([look('severed', 'rear-left')])).toBe(true);
    expect(searches([look('severed')])).toBe(false);
    expect(searches([look('severed')], 'o1')).toBe(false);
    expect(searches([look('severed'), { kind: 'drive', result: 'lamps-came-back' }], 'o1')).toBe(true);
  });
  test('without a figure on the sheet none is made up', () => {
    const torques = stepsOf(guideFor(car('passive', places('knuckle', 'sill')), [], 'replaced:gap')).flatMap(
      ({ torque }) => (torque ? [torque] : []),
    );
    expect(torques.map(({ newtonMetre }) => newtonMetre)).toEqual(torques.map(() => null));
    expect(torques.map(({ point }) => point)).toContain('hub-nut');
  });
  test('every repair that an owner can make has a guide', () => {
    for (const record of ALL_REPAIRS)
      if (!record.workshop && record.action !== null && record.minutes > 0)
        expect(record.steps?.length ?? 0, record.repair).toBeGreaterThan(0);
  });
});
