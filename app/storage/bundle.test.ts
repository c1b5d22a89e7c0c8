import { strToU8, zipSync } from 'fflate';
import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { readBundle, writeBundle } from './bundle';
import { intakeOf, type Bundle } from './intake';
import type { JobRecord, VehicleRecord } from './records';

const AT = '2026-05-04T17:30:00Z';
const vehicle: VehicleRecord = { id: 'v', vehicle: car('passive'), owner: {}, createdAt: AT };
const job = (id: string, lamps: readonly string[] = ['o-1']): JobRecord => ({
  id,
  vehicleId: 'v',
  title: 'lamp Ω',
  createdAt: AT,
  updatedAt: AT,
  stage: 'find',
  subject: null,
  file: {
    ...caseOf(car('passive'), []),
    observations: lamps.map((name) => ({ id: name, kind: 'lamps', lit: ['abs'] })),
  },
});
const PHOTO = { id: 'p1', type: 'image/jpeg', full: Uint8Array.of(255, 216, 1, 2), small: Uint8Array.of(255, 216) };
const GARAGE: Bundle = { vehicles: [vehicle], jobs: [job('a'), job('b')], photos: [PHOTO] };

describe('a bundle', () => {
  test('is read back as it was written', async () => {
    expect(await readBundle(await writeBundle(GARAGE))).toEqual({ ok: true, value: GARAGE });
  });
  test('cut anywhere, it is refused whole', async () => {
    const bytes = await writeBundle(GARAGE);
    for (let length = 0; length < bytes.length; length += 1) {
      const { ok } = await readBundle(bytes.subarray(0, length));
      if (ok) throw new Error(`cut at ${length} of ${bytes.length} it is taken in`);
    }
  });
  test('with any byte of a record changed, it is refused', async () => {
    const bytes = await writeBundle({ vehicles: [], jobs: [job('a')], photos: [] });
    const at = new TextDecoder('latin1').decode(bytes).indexOf('jobs/0.json') + 'jobs/0.json'.length + 9;
    for (let step = 0; step < 40; step += 1) {
      const changed = bytes.slice();
      changed[at + step] = (changed[at + step] ?? 0) ^ 0x55;
      expect((await readBundle(changed)).ok, `byte ${at + step}`).toBe(false);
    }
  });
  test('names that lead out of the folder, records that are none, and other ZIP files are refused', async () => {
    const manifest = (files: object) => strToU8(JSON.stringify({ format: 'zelf-bundle', version: 1, files }));
    const sum = 'a'.repeat(64);
    for (const zip of [
      zipSync({ 'manifest.json': manifest({ '../jobs/0.json': sum }), '../jobs/0.json': strToU8('{}') }),
      zipSync({ 'manifest.json': manifest({ 'jobs/0.json': sum }), 'jobs/0.json': strToU8('{}') }),
      zipSync({ 'readme.txt': strToU8('hello') }),
      strToU8('PK no zip'),
    ])
      expect((await readBundle(zip)).ok).toBe(false);
    const wrong = await writeBundle({ vehicles: [], jobs: [{ ...job('a'), stage: 'nowhere' } as never], photos: [] });
    expect(await readBundle(wrong)).toMatchObject({
      ok: false,
      problems: [{ code: 'not-right', path: 'jobs/0.json' }],
    });
  });
});

describe('taking it in', () => {
  test('says what is new, what is put together, and what is there already', () => {
    const garage: Bundle = { vehicles: [vehicle], jobs: [job('a'), job('b', ['o-2'])], photos: [] };
    const bundle: Bundle = {
      vehicles: [vehicle, { ...vehicle, id: 'w' }],
      jobs: [job('a'), job('b'), job('c')],
      photos: [],
    };
    const intake = intakeOf(bundle, garage, AT);
    expect(intake).toMatchObject({ added: 1, merged: 1, same: 1 });
    expect(intake.vehicles.map(({ id }) => id)).toEqual(['w']);
    expect(intake.jobs.map(({ id, file }) => [id, file.observations.length])).toEqual([
      ['b', 2],
      ['c', 1],
    ]);
  });
  test('taken in twice, the second time changes nothing', () => {
    const bundle: Bundle = { vehicles: [vehicle], jobs: [job('a', ['o-1', 'o-9'])], photos: [] };
    const first = intakeOf(bundle, { vehicles: [vehicle], jobs: [job('a')] }, AT);
    const again = intakeOf(bundle, { vehicles: [vehicle], jobs: first.jobs }, AT);
    expect(again).toMatchObject({ added: 0, merged: 0, same: 1, jobs: [], vehicles: [] });
  });
  test('an entry that was changed here and there is counted as a clash; the fuller version stands', () => {
    const changed = (note: string): JobRecord => {
      const made = job('a');
      return {
        ...made,
        file: { ...made.file, observations: made.file.observations.map((seen) => ({ ...seen, note })) },
      };
    };
    const bundle: Bundle = { vehicles: [], jobs: [changed('seen twice')], photos: [] };
    const intake = intakeOf(bundle, { vehicles: [], jobs: [changed('once')] }, AT);
    expect(intake).toMatchObject({ merged: 1, clashes: 1 });
    expect(intake.jobs[0]?.file.observations[0]?.note).toBe('seen twice');
  });
});

test('pictures come back as they were; one whose bytes were changed, or that is missing, spoils the whole', async () => {
  const bytes = await writeBundle(GARAGE);
  const read = await readBundle(bytes);
  expect(read.ok && read.value.photos).toEqual([PHOTO]);
  const at = new TextDecoder('latin1').decode(bytes).indexOf('photos/0.jpg') + 'photos/0.jpg'.length + 2;
  const changed = bytes.slice();
  changed[at] = (changed[at] ?? 0) ^ 1;
  expect((await readBundle(changed)).ok).toBe(false);
  const picture = { id: 'p', full: 'photos/0.jpg', small: 'photos/0-small.jpg' };
  for (const photos of [[picture], [{ ...picture, full: '../0.jpg' }], 5]) {
    const manifest = strToU8(JSON.stringify({ format: 'zelf-bundle', version: 1, files: {}, photos }));
    expect((await readBundle(zipSync({ 'manifest.json': manifest }))).ok).toBe(false);
  }
});
