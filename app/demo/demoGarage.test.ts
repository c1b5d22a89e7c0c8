import { describe, expect, test } from 'vitest';
import { assess } from '../../core/judgement/assess';
import { validate } from '../../core/casefile/validate';
import { demoGarage } from './demoGarage';

const { vehicles, jobs } = demoGarage('2026-05-04T17:30:00+02:00');
const job = (id: string) => {
  const found = jobs.find((job) => job.id === id);
  if (!found) throw new Error(id);
  return found.file;
};

describe('the sample garage', () => {
  test('three vehicles, six jobs, each a right case file', () => {
    expect(vehicles.map((vehicle) => vehicle.vehicle.name)).toEqual(['Tansy', 'Bertie', 'Pebble']);
    expect(jobs).toHaveLength(6);
    for (const job of jobs) expect(validate(job.file), job.id).toMatchObject({ ok: true });
  });
  test('the adviser agrees with the story', () => {
    expect(assess(job('tansy-flooded')).ranking[0]).toMatchObject({ channel: 'rear-right', fault: 'sensor-short' });
    expect(assess(job('bertie-deaf')).ranking[0]).toMatchObject({ channel: 'front-left', fault: 'ring-wrong' });
    for (const id of ['tansy-lead', 'bertie-flood']) expect(assess(job(id)).stop?.id, id).toBe('nothing-wrong');
    expect(assess(job('pebble-loom')).ranking[0]?.fault).toBe('none');
    expect(assess(job('pebble-new')).next[0]?.check).toBe('code');
  });
});
