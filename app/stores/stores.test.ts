import { beforeEach, describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { layOut, newTab, NOW, until, type TestGarage } from '../testSupport';
import { useGarage } from './garage';
import { useJob } from './job';
import { usePreferences } from './preferences';

let garage: TestGarage;

beforeEach(async () => {
  garage = await layOut(car('passive'), {
    observations: caseOf(car('passive'), [{ kind: 'lamps', lit: ['abs'] }]).observations,
  });
  newTab(garage);
});

async function openJob(): Promise<ReturnType<typeof useJob>> {
  const job = useJob();
  await job.open('j');
  return job;
}

describe('the open job', () => {
  test('what is observed is stored with id and time, judged, and its ids are given back', async () => {
    const job = await openJob();
    const ids = await job.observe({ kind: 'no-code', module: 'abs' }, { kind: 'drive', result: 'lamps-came-back' });
    expect(ids).toHaveLength(2);
    const stored = await garage.job();
    expect(stored.file.observations.slice(-2)).toEqual([
      { id: ids[0], at: NOW, kind: 'no-code', module: 'abs' },
      { id: ids[1], at: NOW, kind: 'drive', result: 'lamps-came-back' },
    ]);
    await until(() => expect(job.assessment?.next.length).toBeGreaterThan(0));
  });
  test('undo and redo survive closing the tab', async () => {
    const job = await openJob();
    await job.dispatch({ do: 'toggle-lamp', lamp: 'stability' });
    await job.dispatch({ do: 'note', text: 'parked in the rain' });
    newTab(garage);
    const again = await openJob();
    await until(() => expect(again.undoName).toBe('the note'));
    await again.undo();
    await until(() => expect([again.undoName, again.redoName]).toEqual(['the lamp', 'the note']));
    await again.undo();
    expect((await garage.job()).file.observations).toEqual([{ id: 'o1', kind: 'lamps', lit: ['abs'] }]);
    await again.redo();
    await again.redo();
    expect((await garage.job()).file.notes).toHaveLength(1);
  });
  test('nothing to undo does nothing', async () => {
    const job = await openJob();
    const before = await garage.job();
    await job.undo();
    await job.redo();
    expect((await garage.job()).file).toEqual(before.file);
  });
  test('two tabs on one job keep all that both did', async () => {
    const first = await openJob();
    newTab(garage);
    const other = await openJob();
    await Promise.all([
      ...Array.from({ length: 20 }, () => first.observe({ kind: 'no-code', module: 'abs' })),
      ...Array.from({ length: 20 }, () => other.dispatch({ do: 'note', text: 'x' })),
    ]);
    const { file } = await garage.job();
    expect([file.observations.length, file.notes?.length]).toEqual([21, 20]);
  });
  test('a job that is not here is said to be missing', async () => {
    const job = useJob();
    await job.open('none');
    expect([job.isMissing, job.file]).toEqual([true, null]);
    await job.observe({ kind: 'no-code' });
    expect((await garage.job()).file.observations).toHaveLength(1);
  });
  test('stage, subject and title are kept, and are no steps to take back', async () => {
    const job = await openJob();
    await job.setStage('find');
    await job.setSubject('rear-left');
    await job.setTitle('the wet lead');
    expect(await garage.job()).toMatchObject({ stage: 'find', subject: 'rear-left', title: 'the wet lead' });
    await until(() => expect([job.subject, job.undoName]).toEqual(['rear-left', null]));
  });
});

describe('the spec sheet', () => {
  test('a change is seen by the open job, by a job opened later, and by no ended one', async () => {
    const sheets = useGarage();
    await sheets.open();
    const job = await openJob();
    const before = (await garage.database.vehicles.get('v'))?.vehicle;
    if (!before) throw new Error('no vehicle');
    await sheets.changeVehicle('v', before, { ...before, odometer: 123_456 });
    await until(() => expect(job.file?.vehicle.odometer).toBe(123_456));
    await job.dispatch({ do: 'end', ending: 'unsolved' });
    const now = (await garage.database.vehicles.get('v'))?.vehicle ?? before;
    await sheets.changeVehicle('v', now, { ...now, odometer: 130_000 });
    newTab(garage);
    const later = await openJob();
    await until(() => expect(later.file?.ending).toBe('unsolved'));
    expect(later.file?.vehicle.odometer).toBe(123_456);
  });
  test('what a job finds out stands on the sheet', async () => {
    const job = await openJob();
    await job.dispatch({ do: 'specs', specs: { toneRingTeeth: 48 } });
    await until(async () => expect((await garage.database.vehicles.get('v'))?.vehicle.specs?.toneRingTeeth).toBe(48));
    expect((await garage.job()).file.vehicle.specs?.toneRingTeeth).toBe(48);
  });
  test('an older tab overwrites nothing', async () => {
    const sheets = useGarage();
    const shown = (await garage.database.vehicles.get('v'))?.vehicle;
    if (!shown) throw new Error('no vehicle');
    for (let change = 0; change < 25; change += 1) {
      await sheets.changeVehicle('v', shown, { ...shown, odometer: change });
      await sheets.changeVehicle('v', shown, { ...shown, specs: { ...shown.specs, toneRingTeeth: 40 + change } });
    }
    expect((await garage.database.vehicles.get('v'))?.vehicle).toMatchObject({
      odometer: 24,
      specs: { toneRingTeeth: 64 },
    });
  });
  test('a change is taken back and made again', async () => {
    const sheets = useGarage();
    const shown = (await garage.database.vehicles.get('v'))?.vehicle;
    if (!shown) throw new Error('no vehicle');
    await sheets.changeVehicle('v', shown, { ...shown, name: 'Bramble' });
    await sheets.undoSheet('v');
    expect((await garage.database.vehicles.get('v'))?.vehicle.name).toBe('Tansy');
    await sheets.redoSheet('v');
    expect((await garage.database.vehicles.get('v'))?.vehicle.name).toBe('Bramble');
  });
  test('meanings and costs of the owner', async () => {
    const sheets = useGarage();
    await sheets.keepMeaning('v', '5D44', { channel: 'rear-left' });
    await sheets.changeOwner('v', {}, { hourValue: 22 });
    expect(await garage.database.vehicles.get('v')).toMatchObject({
      owner: { hourValue: 22 },
      vehicle: { codeMeanings: { '5D44': { channel: 'rear-left' } } },
    });
    await sheets.keepMeaning('v', '5D44', null);
    expect((await garage.database.vehicles.get('v'))?.vehicle.codeMeanings).toEqual({});
  });
  test('typing with a hundred jobs in the garage rewrites none of them', async () => {
    const { file } = await garage.job();
    const jobs = Array.from({ length: 100 }, (_none, number) => ({
      id: `x${number}`,
      vehicleId: 'v',
      title: '',
      createdAt: NOW,
      updatedAt: NOW,
      stage: 'dash' as const,
      subject: null,
      file,
    }));
    await garage.storage.putAll([], jobs);
    const sheets = useGarage();
    const shown = file.vehicle;
    const from = performance.now();
    for (let key = 0; key < 10; key += 1)
      await sheets.changeVehicle('v', { ...shown, odometer: key }, { ...shown, odometer: key + 1 });
    expect(performance.now() - from).toBeLessThan(1500);
    expect((await garage.database.jobs.get('x50'))?.file.vehicle.odometer).toBeUndefined();
  });
});

describe('the garage', () => {
  test('a job is started from the sheet, and a file taken in beside its vehicle', async () => {
    const all = useGarage();
    await all.open();
    await until(() => expect(all.isLoaded).toBe(true));
    const takeIn = (text: string) => all.importFile(new Blob([text]), () => undefined, new AbortController().signal);
    const id = await all.startJob('v');
    expect((await garage.database.jobs.get(id))?.file.vehicle.name).toBe('Tansy');
    await expect(all.startJob('none')).rejects.toThrow(/no vehicle/);
    const taken = await takeIn(JSON.stringify(caseOf(car('active'), [])));
    expect(taken.ok && (await garage.database.jobs.get(taken.value))?.vehicleId).toBe('v');
    const refused = await takeIn('{"format":"other"}');
    expect(refused.ok).toBe(false);
    expect(await garage.database.jobs.count()).toBe(3);
  });
  test('a job that was removed is put back whole', async () => {
    const all = useGarage();
    const before = await garage.job();
    await all.open();
    await until(() => expect(all.jobs).toHaveLength(1));
    const removed = await all.removeJob('j');
    expect(await garage.database.jobs.count()).toBe(0);
    await all.putBack(removed);
    expect({ ...(await garage.job()), stamp: '' }).toEqual({ ...before, stamp: '' });
  });
});

describe('how the sheet looks', () => {
  test('dark as the system until chosen; chosen, it stays so', async () => {
    const look = usePreferences();
    await look.open();
    expect([look.values.night, look.isNight]).toEqual([null, false]);
    look.values.night = true;
    await until(async () => expect(await garage.storage.preference('look')).toMatchObject({ night: true }));
    expect(document.documentElement.classList.contains('night')).toBe(true);
    newTab(garage);
    const again = usePreferences();
    await again.open();
    expect(again.isNight).toBe(true);
    again.values.night = false;
    await until(() => expect(document.documentElement.classList.contains('night')).toBe(false));
  });
});
