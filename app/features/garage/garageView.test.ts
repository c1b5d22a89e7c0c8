import { describe, expect, test } from 'vitest';
import { demoGarage } from '../../demo/demoGarage';
import { NOW } from '../../testSupport';
import { assessFully } from '../../../core/judgement/assess';
import type { JobRecord } from '../../storage/garageStorage';
import { entriesOf, isAbsOff, jobsWith, remindersFor, savedBy, standingOf } from './garageView';
import { glanceOf } from './glanceView';
import { nudgeOf } from './useBackUps';

const { vehicles, jobs } = demoGarage(NOW);
const newestFirst = jobs.toSorted((a, b) => b.updatedAt.localeCompare(a.updatedAt));
const job = (id: string): JobRecord => jobs.find((entry) => entry.id === id) as JobRecord;
const SPEECH = { sides: 'left-right' } as const;

describe('the rows of the garage', () => {
  test('lead with the open job that was touched last; finished ones stand apart', () => {
    const entries = entriesOf(vehicles, newestFirst);
    const pebble = entries.find(({ name }) => name === 'Pebble');
    expect(pebble?.leading?.id).toBe('pebble-new');
    expect(pebble?.alsoOpen.map(({ id }) => id)).toEqual(['pebble-loom']);
    expect(entries.find(({ name }) => name === 'Tansy')?.finished.map(({ id }) => id)).toEqual(['tansy-lead']);
  });
  test('leave out what was put away: a vehicle with its jobs, or a job', () => {
    const away = vehicles.map((vehicle) => ({ ...vehicle, putAway: vehicle.id === 'tansy' }));
    expect(entriesOf(away, jobs).map(({ name }) => name)).not.toContain('Tansy');
    const jobsAway = newestFirst.map((entry) => ({ ...entry, putAway: entry.id === 'pebble-new' }));
    expect(entriesOf(vehicles, jobsAway).find(({ name }) => name === 'Pebble')?.leading?.id).toBe('pebble-loom');
  });
  test('vehicles with an open job come first', () => {
    const ended = newestFirst.map((entry) =>
      entry.vehicleId === 'pebble' ? { ...entry, file: { ...entry.file, ending: 'solved' as const } } : entry,
    );
    expect(entriesOf(vehicles, ended).at(-1)?.name).toBe('Pebble');
  });
  test('tell what finished jobs saved, and nothing where nothing was saved', () => {
    expect(savedBy([job('tansy-lead')])).toBe('184\u00a0EUR');
    expect(savedBy([job('tansy-lead'), job('bertie-flood')])).toBe('394\u00a0EUR');
    expect(savedBy([job('pebble-new')])).toBe('');
  });
  test('tell how a job stands', () => {
    expect(standingOf(job('tansy-lead'))).toBe('solved, 30\u00a0EUR spent');
    expect(standingOf(job('pebble-new'))).toBe('lamps noted');
  });
  test('say that ABS is off while its lamp is lit and nothing was repaired', () => {
    expect(isAbsOff(job('tansy-flooded'))).toBe(true);
    expect(isAbsOff(job('pebble-new'))).toBe(false);
    expect(isAbsOff(job('pebble-loom'))).toBe(false);
    expect(isAbsOff(job('tansy-lead'))).toBe(false);
    expect(isAbsOff(null)).toBe(false);
  });
  test('show what is due, and not what was seen to', () => {
    const [nuts] = remindersFor(job('bertie-deaf'), 'left-right');
    expect(nuts?.reminder.words).toContain('wheel nuts');
    const { file } = job('bertie-deaf');
    const done = { id: 'd', step: `reminder:${nuts?.reminder.id}` };
    const seenTo = { ...job('bertie-deaf'), file: { ...file, work: [...(file.work ?? []), done] } };
    expect(remindersFor(seenTo, 'left-right')).toEqual([]);
  });
});

describe('a job at a glance', () => {
  const glance = (id: string) => glanceOf(job(id), assessFully(job(id).file), SPEECH);

  test('says where the fault is believed to be, and what to do next', () => {
    const tansy = glance('tansy-flooded');
    expect(tansy).toMatchObject({ where: 'rear right', state: 'at-fault', word: 'sensor at fault', watch: null });
    expect(tansy.move?.button).toBe('Fix this');
    expect(glance('bertie-deaf')).toMatchObject({ where: 'front left', state: 'suspect' });
  });
  test('names no corner while none stands out', () => {
    expect(glance('pebble-new')).toMatchObject({ where: '', word: '', state: 'not-checked' });
  });
  test('of a watch: what was mended, and how many clean trips there are and have to be', () => {
    const pebble = glance('pebble-loom');
    expect(pebble).toMatchObject({ state: 'checked-good', watch: { clean: 3, needed: 7 } });
    expect(pebble.move?.sentence).toBe('Drive as usual and note every trip');
    expect(pebble.move?.why).toContain('After 4 more clean trips');
  });
  test('before the adviser has answered there is no move', () => {
    expect(glanceOf(job('tansy-flooded'), null, SPEECH).move).toBeNull();
  });
});

describe('searching jobs', () => {
  test('by title, vehicle and code; every word must be there', () => {
    expect(jobsWith('flooded', jobs).map(({ id }) => id)).toEqual(['tansy-flooded']);
    expect(jobsWith('C0037-1f', jobs).map(({ id }) => id)).toEqual(['pebble-loom']);
    expect(jobsWith('pebble lamp', jobs).map(({ id }) => id)).toEqual(['pebble-new']);
    expect(jobsWith('pebble flooded', jobs)).toEqual([]);
    expect(jobsWith('  ', jobs)).toEqual([]);
  });
  test('notes are read, whatever another program wrote there', () => {
    const { file } = job('pebble-new');
    const noted = { ...job('pebble-new'), file: { ...file, notes: [5, null, { text: 'Wet under the seat' }] } };
    expect(jobsWith('wet seat', [noted])).toHaveLength(1);
  });
});

describe('asking for a back-up', () => {
  const now = '2026-05-20T12:00:00Z';
  test('only when own work of two weeks could be lost', () => {
    expect(nudgeOf('', [], now)).toBe('');
    expect(nudgeOf('', ['2026-05-07T12:00:00Z'], now)).toBe('');
    expect(nudgeOf('', ['2026-05-06T11:00:00Z'], now)).toContain('Nothing of this garage has been backed up');
    expect(nudgeOf('2026-05-01T10:00:00Z', ['2026-05-06T11:00:00Z', '2026-05-19T11:00:00Z'], now)).toContain('1 May');
  });
});
