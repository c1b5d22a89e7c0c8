import { UNMISTAKABLE, type PartRecord } from './part';
import { texts } from '#words/knowledge/parts';

/** What an eye finds on the parts that a car has once, whatever corner is in question. */
export const CAR_PARTS = {
  module: {
    name: texts.modulesPlug,
    segment: 'module',
    ofCar: true,
    findings: { corroded: { usual: 0.004 }, loose: { usual: 0.002 }, wet: { usual: 0.003 } },
    soundWhy: texts.usuallyDry,
    rows: [
      {
        for: ['module-plug-corroded'],
        gives: { corroded: 0.64, wet: 0.22, loose: 0.05, sound: 0.1 },
        why: 'green pins',
      },
      { for: ['module-supply'], gives: { sound: 0.9, loose: 0.03, corroded: 0.03 }, why: 'its ground pin rots too' },
    ],
  },
  battery: {
    name: texts.batteryTerminals,
    segment: 'supply',
    ofCar: true,
    findings: { corroded: { usual: 0.1 }, loose: { usual: 0.01 } },
    soundWhy: texts.whiteBloomIsCommon,
    rows: [
      { for: ['battery-low'], gives: { corroded: 0.3, loose: 0.25, sound: 0.45 }, why: 'bad terminals starve the car' },
      { for: ['module-supply'], gives: { sound: 0.8, corroded: 0.12, loose: 0.05 }, why: 'a shared ground' },
    ],
  },
  fuse: {
    name: texts.fuses,
    segment: 'supply',
    ofCar: true,
    findings: {
      blown: { usual: UNMISTAKABLE, is: 'module-supply' },
      corroded: { usual: 0.006 },
      loose: { usual: 0.005 },
    },
    soundWhy: texts.fusesSeldomBlow,
    rows: [
      {
        for: ['module-supply'],
        gives: { blown: 0.4, corroded: 0.06, loose: 0.05, sound: 0.49 },
        why: "many of the module's feed faults are a fuse",
      },
    ],
  },
  'ground-point': {
    name: texts.groundPoint,
    segment: 'supply',
    ofCar: true,
    findings: { corroded: { usual: 0.04 }, loose: { usual: 0.004 } },
    soundWhy: texts.usuallySound,
    rows: [
      { for: ['module-supply'], gives: { corroded: 0.35, loose: 0.15, sound: 0.5 }, why: 'a rusty ground' },
      { for: ['battery-low'], gives: { corroded: 0.1, loose: 0.05, sound: 0.85 }, why: 'a bad ground starves too' },
    ],
  },
  fluid: {
    name: texts.brakeFluid,
    segment: 'elsewhere',
    ofCar: true,
    findings: { 'level-low': { usual: UNMISTAKABLE, is: 'brake-fluid-low' } },
    soundWhy: texts.usuallyInOrder,
    rows: [{ for: ['brake-fluid-low'], gives: { 'level-low': 0.93 }, why: 'seen at the reservoir' }],
  },
  tyres: {
    name: texts.tyres,
    segment: 'elsewhere',
    ofCar: true,
    findings: { 'mixed-sizes': { usual: 0.006 } },
    soundWhy: texts.usuallyAlike,
    rows: [{ for: ['tyre-mismatch'], gives: { 'mixed-sizes': 0.85 }, why: 'read on the wall' }],
  },
  'brake-switch': {
    name: texts.brakeLightSwitch,
    segment: 'elsewhere',
    ofCar: true,
    findings: { loose: { usual: 0.002 }, broken: { usual: UNMISTAKABLE, is: 'brake-switch' } },
    soundWhy: texts.brakeLightsTell,
    rows: [{ for: ['brake-switch'], gives: { loose: 0.35, broken: 0.4 }, why: 'brake lights stay on or stay dark' }],
  },
} as const satisfies Readonly<Record<string, PartRecord>>;
