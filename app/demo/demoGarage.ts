import type { JobRecord, VehicleRecord } from '../storage/garageStorage';
import { BERTIE, BERTIE_DEAF, BERTIE_FLOOD } from './bertie';
import { daysBefore, layOut, type DemoCase } from './demoCase';
import { PEBBLE, PEBBLE_LOOM, PEBBLE_NEW } from './pebble';
import { TANSY, TANSY_FLOODED, TANSY_LEAD } from './tansy';

const JOBS: readonly {
  readonly id: string;
  readonly vehicleId: string;
  readonly title: string;
  readonly stage: JobRecord['stage'];
  readonly demo: DemoCase;
}[] = [
  {
    id: 'tansy-flooded',
    vehicleId: 'tansy',
    title: 'lamps since the flooded lane',
    stage: 'find',
    demo: TANSY_FLOODED,
  },
  { id: 'tansy-lead', vehicleId: 'tansy', title: 'the lead at the strut', stage: 'prove', demo: TANSY_LEAD },
  { id: 'bertie-deaf', vehicleId: 'bertie', title: 'deaf since the bearing', stage: 'find', demo: BERTIE_DEAF },
  { id: 'bertie-flood', vehicleId: 'bertie', title: 'everything lit after winter', stage: 'prove', demo: BERTIE_FLOOD },
  { id: 'pebble-loom', vehicleId: 'pebble', title: 'now and then, on bumps', stage: 'prove', demo: PEBBLE_LOOM },
  { id: 'pebble-new', vehicleId: 'pebble', title: 'hill lamp this morning', stage: 'dash', demo: PEBBLE_NEW },
];

/** The sample garage: three made-up vehicles and their jobs, dated back from now. */
export function demoGarage(now: string): { readonly vehicles: VehicleRecord[]; readonly jobs: JobRecord[] } {
  const vehicles = [
    { id: 'tansy', vehicle: TANSY },
    { id: 'bertie', vehicle: BERTIE },
    { id: 'pebble', vehicle: PEBBLE },
  ].map((one): VehicleRecord => ({
    ...one,
    owner: { hourValue: 15, currency: 'EUR' },
    createdAt: daysBefore(now, 700),
  }));
  const jobs = JOBS.map(({ id, vehicleId, title, stage, demo }): JobRecord => {
    const file = layOut(id, demo, now);
    const last = file.observations.at(-1)?.at ?? now;
    return {
      id,
      vehicleId,
      title,
      stage,
      subject: null,
      createdAt: file.observations[0]?.at ?? now,
      updatedAt: last,
      file,
    };
  });
  return { vehicles, jobs };
}
