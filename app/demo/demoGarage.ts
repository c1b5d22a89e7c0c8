import type { JobRecord, VehicleRecord } from '../storage/garageStorage';
import { BERTIE, BERTIE_DEAF, BERTIE_FLOOD } from './bertie';
import { daysBefore, layOut, type DemoCase } from './demoCase';
import { PEBBLE, PEBBLE_LOOM, PEBBLE_NEW } from './pebble';
import { TANSY, TANSY_FLOODED, TANSY_LEAD } from './tansy';
import { texts } from '#words/screens/samples';

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
    title: texts.lampsSinceTheFlooded,
    stage: 'find',
    demo: TANSY_FLOODED,
  },
  { id: 'tansy-lead', vehicleId: 'tansy', title: texts.theLeadAtThe, stage: 'prove', demo: TANSY_LEAD },
  { id: 'bertie-deaf', vehicleId: 'bertie', title: texts.deafSinceTheBearing, stage: 'find', demo: BERTIE_DEAF },
  {
    id: 'bertie-flood',
    vehicleId: 'bertie',
    title: texts.everythingLitAfterWinter,
    stage: 'prove',
    demo: BERTIE_FLOOD,
  },
  { id: 'pebble-loom', vehicleId: 'pebble', title: texts.nowAndThenOn, stage: 'prove', demo: PEBBLE_LOOM },
  { id: 'pebble-new', vehicleId: 'pebble', title: texts.hillLampThisMorning, stage: 'dash', demo: PEBBLE_NEW },
];

/** The sample garage: three made-up vehicles and their jobs, dated back from now. */
export function demoGarage(now: string): { readonly vehicles: VehicleRecord[]; readonly jobs: JobRecord[] } {
  const vehicles = [
    { id: 'tansy', vehicle: TANSY },
    { id: 'bertie', vehicle: BERTIE },
    { id: 'pebble', vehicle: PEBBLE },
  ].map((entry): VehicleRecord => ({
    ...entry,
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
