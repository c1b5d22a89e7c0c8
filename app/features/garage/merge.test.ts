import { expect, test } from 'vitest';
import { car, caseOf } from '../../../tests/support/caseBuilder';
import type { CaseFile, Observation } from '../../../core/casefile/contract';
import { useGarage } from '../../stores/garage';
import { layOut, show, until } from '../../testSupport';

const lamps = (id: string, more: object = {}): Observation => ({ id, kind: 'lamps', lit: ['abs'], ...more });
const [SHARED, OTHER, MINE] = ['11111111-1111-4111-8111-111111111111', '2222222222-22', '3333333333-33'] as const;

async function opened(observations: readonly Observation[]) {
  const garage = await layOut(car('passive'), { observations });
  await show(garage, '/');
  const store = useGarage();
  await until(() => expect(store.jobs.length).toBeGreaterThan(0));
  const take = (file: CaseFile) =>
    store.importFile(new Blob([JSON.stringify(file)]), () => undefined, new AbortController().signal);
  const jobs = (): Promise<number> => garage.database.jobs.count();
  return { garage, take, jobs };
}
const file = (observations: readonly Observation[]): CaseFile => ({ ...caseOf(car('passive'), []), observations });

test('a file of a job that is there already is put together with it, and that can be undone', async () => {
  const { garage, take, jobs } = await opened([lamps(SHARED), lamps(MINE)]);
  const before = await jobs();
  expect(await take(file([lamps(SHARED, { withdrawn: true }), lamps(OTHER)]))).toMatchObject({ ok: true, value: 'j' });
  expect(await jobs()).toBe(before);
  const { file: merged, history } = await garage.job();
  expect(merged.observations.map(({ id, withdrawn }) => [id, withdrawn])).toEqual([
    [SHARED, true],
    [OTHER, undefined],
    [MINE, undefined],
  ]);
  expect(history?.done.at(-1)?.name).toBe('putting two devices together');
});

test('a file that shares none of its ids, or only those that anybody uses, is a job of its own', async () => {
  const { take, jobs } = await opened([lamps('o1'), lamps(MINE)]);
  const before = await jobs();
  await take(file([lamps('o1'), lamps(OTHER)]));
  expect(await jobs()).toBe(before + 1);
});
