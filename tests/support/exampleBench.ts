import { breakCar } from '../../bench/car/breakages';
import type { Car, Corner } from '../../bench/car/corner';
import { soundCar } from '../../bench/car/soundCar';
import { chanceFrom } from '../../bench/chance';
import { makeWorld } from '../../bench/drawWorld';
import type { Entry, Frame } from '../../bench/monitor/memory';
import type { Strategy } from '../../bench/monitor/strategy';
import type { World } from '../../bench/world';
import { CHANNELS, type SensorType } from '../../core/casefile/words';
import type { FaultId } from '../../core/knowledge/faults';

/** Cars that examples in docstrings of the bench speak of: `SOUND` with passive sensors, `ACTIVE` with active ones; `WHEEL` and `ACTIVE_WHEEL` are their front left corners. */
export const SOUND = soundCar(CHANNELS, 'passive', chanceFrom(1));
export const ACTIVE = soundCar(CHANNELS, 'active', chanceFrom(1));
const [first, active] = [SOUND.corners[0], ACTIVE.corners[0]];
if (!first || !active) throw new Error('the example cars have no corners');
export const WHEEL: Corner = first;
export const ACTIVE_WHEEL: Corner = active;

/** One of these cars with a fault of its front left corner, or of what all share; and that corner alone. */
export const broken = (fault: FaultId, isShared = false, car: Car = SOUND): Car =>
  breakCar(car, fault, isShared ? null : 'front-left', chanceFrom(1));
export const brokenWheel = (fault: FaultId, car: Car = SOUND): Corner => broken(fault, false, car).corners[0] as Corner;

/** A car with such a fault as a world: looked at, driven, repaired. */
export const worldWith = (fault: FaultId, type: SensorType = 'passive'): World =>
  makeWorld(CHANNELS, type, [{ channel: 'front-left', fault }], chanceFrom(1));

/** `MODULE`: a control module that tests at key-on, confirms at once and names the failure type. */
export const MODULE: Strategy = {
  speaks: 'to-readers',
  typed: true,
  dates: true,
  testsAtKeyOn: true,
  comparesFromKmh: 15,
  confirmsAfter: 1,
  healsAfter: 40,
  lampGoesOut: 'at-key-on',
  coilOhm: { least: 300, most: 8000 },
  openByte: '13',
  resistsByte: '1B',
  silentByte: '31',
  waversByte: '2F',
  passingByte: '1F',
  echoes: [{ module: 'engine', code: 'P0500' }],
};

/** What it notes beside a code, and such a code: front left, open circuit, there now. */
export const FRAME: Frame = { odometerKm: 84_200, kmh: 30, volt: 14.1, celsius: 12 };
export const ENTRY: Entry = {
  text: 'C0031-13',
  module: 'abs',
  channel: 'front-left',
  by: 'circuit',
  isFailing: true,
  failedThisCycle: true,
  isConfirmed: true,
  failed: 1,
  clean: 0,
  frame: FRAME,
};

/** `chance()`: draws from the same seed every time. */
export const chance = () => chanceFrom(1);
