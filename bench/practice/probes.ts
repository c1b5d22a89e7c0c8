import { texts } from '#words/screens/practice';
/** The drawn bench: where two probes may be put, how the dial stands, what is unplugged; and which check of the contract that makes. */

export const DIAL = ['ohm', 'beep', 'dc', 'mv', 'ac', 'ma'] as const;
export type Dial = (typeof DIAL)[number];

export const POINTS = ['S1', 'S2', 'B', 'P1', 'P2', 'M1', 'M2', 'F', 'G', 'BAT'] as const;
export type Point = (typeof POINTS)[number];

/** Which plugs are open. */
export interface Plugs {
  readonly sensor: boolean;
  readonly module: boolean;
}

/** What a setting amounts to: a check that can be made, or why it tells nothing. */
export type Setting =
  | { readonly is: 'check'; readonly check: string; readonly ofCar: boolean }
  /** The meter shows something, but it is no check that would decide anything. */
  | { readonly is: 'free'; readonly words: string }
  | { readonly is: 'hint'; readonly words: string };

interface Row {
  readonly points: readonly [Point, Point];
  readonly dials: readonly Dial[];
  readonly check: string;
  readonly sensorPlug: 'open' | 'closed' | 'any';
  readonly modulePlug: 'open' | 'closed' | 'any';
  readonly ofCar?: true;
}

const OHMS: readonly Dial[] = ['ohm', 'beep'];

const ROWS: readonly Row[] = [
  { points: ['S1', 'S2'], dials: OHMS, check: 'meter:sensor:resistance', sensorPlug: 'open', modulePlug: 'any' },
  { points: ['S1', 'S2'], dials: ['ac'], check: 'meter:sensor:ac-voltage', sensorPlug: 'open', modulePlug: 'any' },
  {
    points: ['S1', 'B'],
    dials: OHMS,
    check: 'meter:sensor-to-ground:resistance',
    sensorPlug: 'open',
    modulePlug: 'any',
  },
  {
    points: ['S2', 'B'],
    dials: OHMS,
    check: 'meter:sensor-to-ground:resistance',
    sensorPlug: 'open',
    modulePlug: 'any',
  },
  {
    points: ['P1', 'P2'],
    dials: ['dc'],
    check: 'meter:supply-at-plug:dc-voltage',
    sensorPlug: 'open',
    modulePlug: 'closed',
  },
  { points: ['P1', 'P2'], dials: OHMS, check: 'meter:wire-to-wire:resistance', sensorPlug: 'open', modulePlug: 'open' },
  { points: ['P1', 'M1'], dials: OHMS, check: 'meter:wire-1:resistance', sensorPlug: 'open', modulePlug: 'open' },
  { points: ['P2', 'M2'], dials: OHMS, check: 'meter:wire-2:resistance', sensorPlug: 'open', modulePlug: 'open' },
  {
    points: ['P1', 'G'],
    dials: OHMS,
    check: 'meter:wire-1-to-ground:resistance',
    sensorPlug: 'open',
    modulePlug: 'open',
  },
  {
    points: ['P2', 'G'],
    dials: OHMS,
    check: 'meter:wire-2-to-ground:resistance',
    sensorPlug: 'open',
    modulePlug: 'open',
  },
  {
    points: ['P1', 'G'],
    dials: ['dc'],
    check: 'meter:wire-1-to-ground:dc-voltage',
    sensorPlug: 'open',
    modulePlug: 'open',
  },
  {
    points: ['P2', 'G'],
    dials: ['dc'],
    check: 'meter:wire-2-to-ground:dc-voltage',
    sensorPlug: 'open',
    modulePlug: 'open',
  },
  { points: ['M1', 'M2'], dials: OHMS, check: 'meter:module-end:resistance', sensorPlug: 'closed', modulePlug: 'open' },
  {
    points: ['M1', 'M2'],
    dials: ['ac'],
    check: 'meter:module-end:ac-voltage',
    sensorPlug: 'closed',
    modulePlug: 'open',
  },
  {
    points: ['S1', 'P1'],
    dials: ['ma'],
    check: 'meter:sensor-current:dc-current',
    sensorPlug: 'open',
    modulePlug: 'closed',
  },
  {
    points: ['F', 'G'],
    dials: ['dc'],
    check: 'meter:module-supply:dc-voltage',
    sensorPlug: 'any',
    modulePlug: 'open',
    ofCar: true,
  },
  {
    points: ['BAT', 'G'],
    dials: ['dc'],
    check: 'meter:battery:dc-voltage',
    sensorPlug: 'any',
    modulePlug: 'any',
    ofCar: true,
  },
];

const hint = (words: string): Setting => ({ is: 'hint', words });
const free = (words: string): Setting => ({ is: 'free', words });

const isPair = (row: Row, red: Point, black: Point): boolean =>
  (row.points[0] === red && row.points[1] === black) || (row.points[1] === red && row.points[0] === black);

const FED: readonly Point[] = ['F', 'BAT'];

/** Why a pair of points decides nothing with this dial, in words that teach; or why the meter must not go there. */
function whyNot(rows: readonly Row[], dial: Dial, red: Point, black: Point): Setting {
  const isOhm = dial === 'ohm' || dial === 'beep';
  const isFed = FED.includes(red) || FED.includes(black);
  if (isOhm && isFed) return hint(texts.neverOhmsOnA);
  if (dial === 'ma' && isFed) return hint(texts.anAmmeterStraightAcross);
  if (rows.length === 0) return free(texts.theMeterWillShow);
  if (dial === 'mv') return free(texts.theMillivoltRangeWill);
  if (dial === 'ma') return free(texts.currentIsMeasuredIn);
  if (isOhm) return free(texts.hereAVoltageIs);
  return free(texts.theDialStandsOn);
}

/**
 * What two probes on the drawn bench amount to.
 * @param dial where it stands. @param red one probe. @param black the other. @param plugs which are open.
 * @returns the check; or that the meter shows something that decides nothing (a plug that should be opened or closed first, a dial that does not suit); or a hint: no two points, or the meter would come to harm.
 * @example settingOf('ohm', 'S1', 'S2', { sensor: true, module: false }).check // => "meter:sensor:resistance"
 */
export function settingOf(dial: Dial, red: Point | null, black: Point | null, plugs: Plugs): Setting {
  if (!red || !black) return hint(texts.putBothProbesOn);
  if (red === black) return hint(texts.bothProbesOnOne);
  const rows = ROWS.filter((row) => isPair(row, red, black));
  const row = rows.find((row) => row.dials.includes(dial));
  if (!row) return whyNot(rows, dial, red, black);
  const wrong = (wanted: Row['sensorPlug'], isOpen: boolean): boolean =>
    wanted !== 'any' && (wanted === 'open') !== isOpen;
  if (wrong(row.sensorPlug, plugs.sensor))
    return free(row.sensorPlug === 'open' ? texts.openTheSensorsPlug : texts.plugTheSensorIn);
  if (wrong(row.modulePlug, plugs.module))
    return free(row.modulePlug === 'open' ? texts.openTheModulesPlug : texts.plugTheModuleIn);
  return { is: 'check', check: row.check, ofCar: row.ofCar === true };
}
