import type { CaseFile, Observation } from '../casefile/contract';
import type { Posterior } from '../belief/posterior';

export interface Caution {
  readonly id: string;
  readonly text: string;
}

type When = (file: CaseFile, all: readonly Observation[], moves: readonly string[]) => boolean;

const lit = (all: readonly Observation[], lamp: string): boolean => {
  const last = all.filter((observation) => observation.kind === 'lamps').at(-1);
  return last?.kind === 'lamps' && last.lit.some((word) => word === lamp);
};
const symptom = (all: readonly Observation[], word: string): boolean =>
  all.some((observation) => observation.kind === 'symptom' && observation.symptom === word);
const firstIs = (moves: readonly string[], pattern: RegExp): boolean => pattern.test(moves[0] ?? '');

/** Cautions of the judgement: each is said once, where it matters. The order is that of urgency. */
const CAUTIONS: readonly { readonly id: string; readonly when: When; readonly text: string }[] = [
  {
    id: 'do-not-drive-hydraulic',
    when: (_file, all) => symptom(all, 'pedal-soft') || symptom(all, 'fluid-leak'),
    text: 'A soft pedal or leaking fluid: do not drive. This is hydraulics, a matter for a professional, before any sensor.',
  },
  {
    id: 'do-not-drive-red',
    when: (_file, all) => lit(all, 'brake-red') && lit(all, 'abs'),
    text: 'ABS and the red brake lamp together: brake force to the rear may be off. Do not drive.',
  },
  {
    id: 'red-brake-lamp',
    when: (_file, all) => lit(all, 'brake-red') && !lit(all, 'abs'),
    text: 'Red brake lamp: check parking brake and fluid level first, and do not drive until you know why it is lit.',
  },
  {
    id: 'airbag-lamp',
    when: (_file, all) => lit(all, 'airbag'),
    text: 'The airbag lamp is never a mere echo until it has gone out by itself after the repair. Airbags may be off meanwhile; never probe yellow connectors.',
  },
  {
    id: 'high-voltage',
    when: (file) => file.vehicle.highVoltage === true,
    text: 'High-voltage vehicle: looks and code reading only, unless its manual gives a service mode. Leave orange cables and the service plug alone; the engine may start by itself.',
  },
  {
    id: 'without-abs',
    when: (_file, all) => lit(all, 'abs') || lit(all, 'stability'),
    text: 'Without ABS and stability the car still brakes, but wheels can lock: longer stops, no help on ice.',
  },
  {
    id: 'jacking',
    when: (_file, _all, moves) => firstIs(moves, /wheel-off|raised|sensor-out/),
    text: 'Flat hard ground, chocks, stated jacking points, and stands: never a jack alone.',
  },
  {
    id: 'ignition-off',
    when: (_file, _all, moves) => firstIs(moves, /:resistance|plug/),
    text: 'Ignition off before a plug is opened or ohms are measured.',
  },
  {
    id: 'sensors-exchanged',
    when: (_file, all) => all.some((observation) => observation.kind === 'swap' && observation.putBack === false),
    text: 'The sensors of an axle are still exchanged: what followed the sensor now sits at the other corner. Put them back before you read on, or look there.',
  },
  {
    id: 'part-in-hand',
    when: (_file, _all, moves) => firstIs(moves, /sensor-out/),
    text: 'An old sensor often breaks when it is levered out: have the new one in hand before you force it.',
  },
  {
    id: 'module-plug',
    when: (_file, _all, moves) => firstIs(moves, /module-end|wire-|look:module/),
    text: "The module's plug carries strong feeds: isolate the battery as the manual says, identify the pins, never bridge two.",
  },
  {
    id: 'drive-reading',
    when: (_file, _all, moves) => firstIs(moves, /^live:drive/),
    text: 'Somebody else reads the screen; nobody handles it while driving.',
  },
];

/**
 * The cautions that matter now.
 * @param file the case. @param posterior its belief. @param moves names of the moves with their set-ups, best first.
 * @returns id and text, most urgent first.
 */
export function cautionsFor(file: CaseFile, posterior: Posterior, moves: readonly string[]): Caution[] {
  const all = posterior.timeline.stages.flatMap((stage) => stage.observations);
  return CAUTIONS.filter((row) => row.when(file, all, moves)).map(({ id, text }) => ({ id, text }));
}
