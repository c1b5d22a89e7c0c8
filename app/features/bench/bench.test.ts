import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../../tests/support/caseBuilder';
import { practiceOf } from '../../../bench/practice/practiceFile';
import type { Practice } from '../../../bench/practice/session';
import { startingFile } from '../../../bench/practice/session';
import { handsOn, layOut, show, until, type TestGarage } from '../../testSupport';

const fileOf = async (garage: TestGarage) => (await garage.job()).file;

/** A garage whose job is a practice car. */
function onTheBench(change: Partial<Practice> = {}): Promise<TestGarage> {
  const practice: Practice = { level: 'easy', seed: 3, actions: [], ...change };
  const { vehicle, observations } = startingFile(practice);
  return layOut(vehicle, { observations, practice });
}

async function atBench(garage: TestGarage) {
  const { screen, router } = await show(garage, '/job/j/bench');
  const hands = handsOn(screen);
  await until(() => expect(hands.mark('clock').exists()).toBe(true));
  return { screen, router, ...hands };
}

describe('the practice car', () => {
  test('a look takes its time, is answered, and stands in the job', async () => {
    const garage = await onTheBench();
    const { screen, mark, says } = await atBench(garage);
    await screen.find('[data-deed="look:plug"]').trigger('click');
    await until(() => expect(mark('deed-answer').text().length).toBeGreaterThan(3));
    const file = await fileOf(garage);
    expect(file.observations.at(-1)).toMatchObject({ kind: 'look', part: 'plug' });
    expect(practiceOf(file)?.actions).toHaveLength(1);
    await says(/[1-9]\d* min/);
  });
  test('what sort of sensors it has is learnt, and noted on the sheet', async () => {
    const practice: Practice = { level: 'easy', seed: 3, actions: [] };
    const { vehicle, observations } = startingFile(practice);
    const garage = await layOut({ ...vehicle, sensorTypes: {}, specs: {} }, { observations, practice });
    const { screen, says } = await atBench(garage);
    await screen.find('[data-deed="ask:sensor-type"]').trigger('click');
    await says('Noted on the spec sheet.');
    expect(Object.keys((await fileOf(garage)).vehicle.sensorTypes ?? {}).length).toBeGreaterThan(0);
  });
  test('a repair is made, paid for, and says whether the lamps stay out', async () => {
    const garage = await onTheBench();
    const { screen, says, mark } = await atBench(garage);
    await screen.find('[data-repair="cleaned:sensor"]').trigger('click');
    await says(/erased, driven, and the lamps (stay out|came back)/);
    expect((await fileOf(garage)).repairs).toHaveLength(1);
    expect(mark('bill').text()).toMatch(/EUR/);
  });
  test('two probes on the sensor’s pins give a reading that is kept; elsewhere one that is only shown', async () => {
    const garage = await onTheBench();
    const { screen, press, mark, says, list } = await atBench(garage);
    const points = list('[data-point]').map((point) => point.attributes('data-point') ?? '');
    expect(points).toContain('S1');
    await list('[data-plug]').at(0)?.trigger('click');
    for (const point of ['S1', 'S2']) await screen.find(`[data-point="${point}"]`).trigger('click');
    await press('measure');
    await until(() => expect(mark('meter-display').text()).toMatch(/Ω|OL|\d/));
    expect((await fileOf(garage)).observations.at(-1)).toMatchObject({ kind: 'meter', point: 'sensor' });
    const before = (await fileOf(garage)).observations.length;
    await screen.find('[data-dial="dc"]').trigger('click');
    for (const point of ['S1', 'BAT']) await screen.find(`[data-point="${point}"]`).trigger('click');
    await press('measure');
    await says('Shown, not kept.');
    expect((await fileOf(garage)).observations).toHaveLength(before);
  });
  test('the adviser can be silent', async () => {
    const garage = await onTheBench();
    const { press, mark } = await atBench(garage);
    await until(() => expect(mark('bench-advice').exists()).toBe(true));
    await press('adviser silent');
    await until(() => expect(mark('bench-advice').exists()).toBe(false));
    expect(practiceOf(await fileOf(garage))?.alone).toBe(true);
  });
  test('in the end the fault is shown, with both roads and their cost', async () => {
    const garage = await onTheBench();
    const { press, says } = await atBench(garage);
    await press('finish');
    await says(/It was: \w+/);
    await says('who knows the fault');
    expect(practiceOf(await fileOf(garage))?.finished).toBe(true);
  });
  test('a look back that cannot be worked out is said, and tried again', async () => {
    const garage = await onTheBench({ finished: true });
    let isBroken = true;
    const { bench } = garage.ports;
    Object.assign(garage.ports, {
      bench: {
        ...bench,
        debrief: (practice: Practice) =>
          isBroken ? Promise.reject(new Error('it was ended')) : bench.debrief(practice),
      },
    });
    const { press, says } = await atBench(garage);
    await says('could not be worked out: it was ended');
    isBroken = false;
    await press('Try again');
    await says(/It was: \w+/);
  });
  test('a practice that the bench cannot make, from a file, blanks no page', async () => {
    const wrong = { level: 'easy', seed: 3, actions: [{ do: 'probe', dial: 'moon' }] };
    const garage = await layOut(car('passive'), { practice: wrong });
    const { screen } = await show(garage, '/job/j/bench');
    await handsOn(screen).says('No practice car here');
  });
});

describe('the Bench beside the garage', () => {
  test('a car is given at each level, and stands among those that are open', async () => {
    const garage = await layOut(car('passive'));
    const { screen, router } = await show(garage, '/bench');
    const { list } = handsOn(screen);
    await until(() => expect(list('[data-level]').length).toBeGreaterThan(4));
    await screen.find('[data-level="fair"]').trigger('click');
    await until(() => expect(router.currentRoute.value.name).toBe('bench'));
    await router.push('/bench');
    await handsOn(screen).says('0 moves so far');
  });
  test('a trial shows its figures; one that fails says so', async () => {
    const garage = await layOut(car('passive'));
    const { bench } = garage.ports;
    let trial = bench.trial;
    Object.assign(garage.ports, {
      bench: { ...bench, trial: (...given: Parameters<typeof trial>) => trial(...given) },
    });
    const { screen } = await show(garage, '/bench');
    const { press, mark, says } = handsOn(screen);
    trial = (_cars, seed, progress) => bench.trial(4, seed, progress);
    await press('run-trial');
    await until(() => expect(mark('trial-figures').text()).toContain('the adviser'));
    trial = () => ({ done: Promise.reject(new Error('a worker was ended')), stop: () => undefined });
    await press('run-trial');
    await says('The trial stopped: a worker was ended.');
  });
});

describe('a real job', () => {
  test('has no practice car, and a twin of its vehicle to practise on', async () => {
    const seen = caseOf(car('passive'), [{ kind: 'code', code: 'C0034', status: 'current' }]).observations;
    const garage = await layOut(car('passive'), { observations: seen });
    const { screen, router } = await show(garage, '/job/j/codes');
    const { press } = handsOn(screen);
    await until(() => expect(handsOn(screen).mark('next-move').text()).not.toBe('Working out the next move'));
    await press('start-twin');
    await until(() => expect(router.currentRoute.value.name).toBe('bench'));
    const twin = await garage.database.jobs.get(String(router.currentRoute.value.params['job']));
    expect(practiceOf(twin?.file ?? null)).toMatchObject({ level: 'twin' });
    expect((await fileOf(garage)).observations).toHaveLength(1);
  });
});
