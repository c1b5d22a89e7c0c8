import type { CaseFile } from '../casefile/contract';
import { faultRow, type Cause } from './faults';
import type { Setup } from './setups';

/** What a repair takes. Minutes are for an owner at home, prices a plain pattern part (generic; the owner's prices outrank them). */
export interface RepairRow {
  readonly repair: string;
  readonly minutes: number;
  readonly price: number;
  readonly setups: readonly Setup[];
  readonly words: string;
  /** Not a driveway job: a workshop does it. */
  readonly workshop?: true;
}

export const REPAIRS: readonly RepairRow[] = [
  { repair: 'replaced:ring', minutes: 120, price: 35, setups: ['wheel-off'], words: 'replace the tone ring' },
  { repair: 'cleaned:ring', minutes: 10, price: 0, setups: ['sensor-out'], words: 'clean the ring' },
  {
    repair: 'reseated:gap',
    minutes: 20,
    price: 1,
    setups: ['sensor-out'],
    words: 'clean the seat and seat the sensor afresh',
  },
  { repair: 'replaced:gap', minutes: 150, price: 80, setups: ['wheel-off'], words: 'replace the wheel bearing' },
  {
    repair: 'replaced:sensor',
    minutes: 15,
    price: 40,
    setups: ['sensor-out', 'plug-apart'],
    words: 'replace the sensor',
  },
  { repair: 'cleaned:sensor', minutes: 5, price: 0, setups: ['sensor-out'], words: 'clean the sensor' },
  { repair: 'repaired-wire:lead', minutes: 35, price: 5, setups: ['wheel-off', 'plug-apart'], words: 'mend the lead' },
  { repair: 'cleaned:plug', minutes: 8, price: 4, setups: ['plug-apart'], words: 'clean the plug' },
  { repair: 'reseated:plug', minutes: 3, price: 0, setups: ['plug-apart'], words: 'latch the plug' },
  { repair: 'repaired-wire:loom', minutes: 70, price: 6, setups: ['plug-apart'], words: 'mend the loom' },
  { repair: 'cleaned:module', minutes: 15, price: 4, setups: ['module-plug-apart'], words: "clean the module's plug" },
  {
    repair: 'replaced:module',
    minutes: 60,
    price: 450,
    setups: ['module-plug-apart'],
    words: 'have the module repaired or replaced',
    workshop: true,
  },
  { repair: 'charged:supply', minutes: 15, price: 0, setups: [], words: 'charge the battery and test it' },
  { repair: 'repaired-wire:supply', minutes: 40, price: 5, setups: [], words: "mend the module's feed or ground" },
  {
    repair: 'replaced:elsewhere',
    minutes: 25,
    price: 30,
    setups: [],
    words: 'replace the odd tyre, or the brake switch',
  },
  {
    repair: 'topped-up:elsewhere',
    minutes: 5,
    price: 6,
    setups: [],
    words: 'top up the brake fluid and find out why it was low',
  },
  { repair: 'clear', minutes: 6, price: 0, setups: ['reader'], words: 'erase the old code' },
];

/** After every repair: erase, key cycle, a short drive, read again. */
export const VERIFY_MINUTES = 15;

/** What a workshop takes to finish the job where nobody gave a quote (generic), and the owner's time for it. */
export const WORKSHOP_PRICE = 260;
export const WORKSHOP_MINUTES = 60;

/** An hour of an owner's own time where they did not say. */
export const HOUR_VALUE = 15;

/**
 * The repairs that cure a fault, the usual one first.
 * @param fault a fault of the catalogue. @returns rows of the repair table, at least one.
 */
export function repairsFor(fault: Cause): readonly RepairRow[] {
  return faultRow(fault).cures.flatMap((name) => REPAIRS.filter((row) => row.repair === name));
}

/**
 * What a repair's parts cost this owner.
 * @param row the repair. @param file the case; `owner.prices` may name the repair (`replaced:sensor`) or its segment (`sensor`).
 * @returns money in the owner's currency.
 */
export function priceOf(row: RepairRow, file: CaseFile): number {
  const prices = file.owner?.prices ?? {};
  const segment = row.repair.split(':')[1] ?? '';
  const input = prices[row.repair] ?? (row.repair.startsWith('replaced:') ? prices[segment] : undefined);
  return typeof input === 'number' && Number.isFinite(input) && input >= 0 ? input : row.price;
}

/**
 * What a workshop asks: the owner's quote for the usual case, else a generic price.
 * @param file the case. @returns money, without the owner's own time.
 */
export function workshopPrice(file: CaseFile): number {
  const quotes = (file.costs ?? []).filter((cost) => cost.use === 'quote');
  return (quotes.find((quote) => quote.case === 'usual') ?? quotes[0])?.amount ?? WORKSHOP_PRICE;
}
