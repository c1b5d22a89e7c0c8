import type { CaseFile, Cost, Observation, Owner, Repair, Vehicle, Work } from '../../core/casefile/contract';

/** An observation of the sample garage: days before today, and what was seen. */
export type Seen = readonly [
  daysAgo: number,
  one: Observation extends infer O ? (O extends Observation ? Omit<O, 'id' | 'at'> : never) : never,
];

export interface DemoCase {
  readonly vehicle: Vehicle;
  readonly owner: Owner;
  readonly seen: readonly Seen[];
  /** A repair stands after this many observations. */
  readonly repairs?: readonly (Omit<Repair, 'id' | 'at' | 'after'> & {
    readonly afterCount: number;
    readonly daysAgo: number;
  })[];
  readonly costs?: readonly (Omit<Cost, 'id' | 'at' | 'currency'> & { readonly daysAgo: number })[];
  readonly work?: readonly (Omit<Work, 'id' | 'at'> & { readonly daysAgo: number })[];
  readonly ending?: CaseFile['ending'];
}

/** The moment so many days before another, a few minutes apart for each entry. */
export function daysBefore(now: string, days: number, minute = 0): string {
  const date = new Date(Date.parse(now) - days * 86_400_000);
  date.setUTCHours(15, minute % 60, 0, 0);
  return date.toISOString().replace('.000', '');
}

/** Lays a sample case out as a case file, its dates counted back from now. */
export function layOut(name: string, demo: DemoCase, now: string): CaseFile {
  const observations = demo.seen.map(([days, entry], index) => ({
    ...entry,
    id: `${name}-o${index + 1}`,
    at: daysBefore(now, days, index * 4),
  }));
  return {
    format: 'zelf-case',
    version: 1,
    vehicle: demo.vehicle,
    owner: demo.owner,
    observations,
    repairs: (demo.repairs ?? []).map(({ afterCount, daysAgo, ...repair }, index) => ({
      ...repair,
      id: `${name}-r${index + 1}`,
      at: daysBefore(now, daysAgo, 50),
      after: observations[afterCount - 1]?.id ?? null,
    })),
    work: (demo.work ?? []).map(({ daysAgo, ...work }, index) => ({
      ...work,
      id: `${name}-w${index + 1}`,
      at: daysBefore(now, daysAgo, 30 + index),
    })),
    costs: (demo.costs ?? []).map(({ daysAgo, ...cost }, index) => ({
      ...cost,
      id: `${name}-c${index + 1}`,
      at: daysBefore(now, daysAgo, index),
      currency: demo.owner.currency ?? 'EUR',
    })),
    attachments: [],
    notes: [],
    ending: demo.ending ?? null,
  };
}
