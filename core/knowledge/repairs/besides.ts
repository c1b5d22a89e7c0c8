import { repairOf, type RepairRecord } from './repair';
import { SWITCH, TYRE } from '../guide/hubSteps';
import { SEAT_STEPS, SPACER_STEPS } from './steps';
import { texts } from '#words/knowledge/besides';

/** What all channels share, and what lies beside the path. */
export const BESIDES: readonly RepairRecord[] = [
  {
    ...repairOf('charged', 'supply'),
    words: texts.chargeTheBatteryAnd,
    minutes: 15,
    price: 0,
    setups: [],
    cures: ['battery-low'],
    steps: [
      {
        id: 'battery-charged',
        phase: 'fit',
        text: texts.cleanTheTerminalsCharge,
        why: texts.whileTheBatteryIs,
        tools: ['charger', 'multimeter'],
      },
    ],
    parts: [],
  },
  {
    ...repairOf('replaced', 'supply'),
    words: texts.renewTheBattery,
    minutes: 20,
    price: 90,
    setups: [],
    cures: [],
    alsoCures: [{ fault: 'battery-low', chance: 0.95, why: texts.aNewBattery }],
    steps: [
      {
        id: 'battery-renewed',
        phase: 'fit',
        text: texts.changeTheBattery,
        why: texts.theMinusFirst,
        tools: ['socket-set', 'wire-brush'],
      },
    ],
    parts: [texts.aNewBattery],
  },
  {
    ...repairOf('repaired-wire', 'supply'),
    words: texts.mendTheModulesFeed,
    minutes: 40,
    price: 5,
    setups: [],
    cures: ['module-supply'],
    steps: [
      {
        id: 'feed-mended',
        phase: 'fit',
        text: texts.renewTheModulesFuse,
        why: texts.aBlownFuseHas,
        tools: ['multimeter', 'wire-brush'],
      },
    ],
    parts: [texts.fuse],
  },
  {
    ...repairOf('replaced', 'elsewhere'),
    words: texts.replaceTheOddTyre,
    minutes: 25,
    price: 30,
    setups: [],
    cures: ['tyre-mismatch', 'brake-switch'],
    steps: [TYRE, SWITCH],
    parts: [],
  },
  {
    ...repairOf('topped-up', 'elsewhere'),
    words: texts.topUpTheBrake,
    minutes: 5,
    price: 6,
    setups: [],
    cures: ['brake-fluid-low'],
    steps: [
      {
        id: 'fluid-topped',
        phase: 'fit',
        text: texts.topUpWithThe,
        why: texts.wornPadsLowerIt,
        tools: ['brake-fluid'],
      },
    ],
    parts: [texts.brakeFluid],
  },
  {
    repair: 'clear',
    action: null,
    segment: null,
    ofCar: false,
    words: texts.eraseTheOldCode,
    minutes: 6,
    price: 0,
    setups: ['reader'],
    cures: ['stale-code'],
  },
];

/** Repairs that quieten a fault without curing it, or that the contract allows under another name. */
export const STOPGAPS: readonly RepairRecord[] = [
  {
    ...repairOf('spaced', 'gap'),
    words: texts.putASpacerUnder,
    minutes: 30,
    price: 3,
    setups: ['sensor-out'],
    cures: [],
    alsoCures: [{ fault: 'ring-swollen', chance: 0.6, why: texts.itKeepsASwollen }],
    steps: SPACER_STEPS,
    parts: [texts.spacer],
  },
  {
    ...repairOf('cleaned', 'gap'),
    words: texts.cleanTheSeat,
    minutes: 20,
    price: 1,
    setups: ['sensor-out'],
    cures: [],
    alsoCures: [{ fault: 'gap-wide', chance: 0.8, why: texts.rustScrapedAway }],
    steps: SEAT_STEPS,
    parts: [],
  },
  {
    ...repairOf('reseated', 'sensor'),
    words: texts.seatTheSensorAfresh,
    minutes: 20,
    price: 1,
    setups: ['sensor-out'],
    cures: [],
    alsoCures: [{ fault: 'gap-wide', chance: 0.8, why: texts.theSameByAnother }],
    steps: SEAT_STEPS,
    parts: [],
  },
];
