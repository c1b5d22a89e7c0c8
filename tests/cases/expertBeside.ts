import { AXLE, FL, FR, HV, NONE, RL, car, did, drove, type ExpertCase } from './expertCase';
import {
  ACTIVE,
  PASSIVE,
  SHARED_REAR,
  back,
  battery,
  code,
  history,
  lamps,
  live,
  looked,
  ohms,
  spun,
  type Step,
} from './writtenCase';

/** Modules, voltages, readers, meters and the end of a job. Written before the answers were looked at. */
export const EXPERT_BESIDE_WHEELS: readonly ExpertCase[] = [
  {
    name: 'named cause: brake lamp and nothing else',
    vehicle: ACTIVE,
    steps: [{ kind: 'lamps', lit: ['brake'] }, NONE, car('fluid', 'level-low')],
    stages: [
      { after: 2, first: /look:fluid/, why: 'some lamps share the float switch' },
      { after: 3, leads: 'brake-fluid-low', atLeast: 0.95, first: /topped-up/, why: 'top it up and find out why' },
    ],
  },
  {
    name: 'named cause: module lost, fuse blown',
    vehicle: ACTIVE,
    steps: [
      lamps(),
      { ...code('U0121', 'current'), module: 'instruments' } as Step,
      { kind: 'no-answer', module: 'abs' },
      car('fuse', 'blown'),
    ],
    stages: [
      {
        after: 3,
        leads: 'module-supply',
        first: /fuse|battery|ground|supply/,
        why: 'a module that nobody hears has no power',
      },
      { after: 4, leads: 'module-supply', atLeast: 0.95, first: /repaired-wire:supply/, why: 'seen' },
    ],
  },
  {
    name: 'named cause: wording of the supply',
    vehicle: PASSIVE,
    steps: [{ ...code('5D44', 'current'), meaning: 'Control unit supply voltage too low' } as Step],
    stages: [
      {
        after: 1,
        first: /battery|fuse|ground|module-supply/,
        never: /drive/,
        why: 'no test drive for a lack of power',
      },
    ],
  },
  {
    name: 'shared part: water in the module’s plug, two corners',
    vehicle: PASSIVE,
    steps: [code('C0031-13', 'current'), code('C0034-13', 'current'), car('module', 'wet')],
    stages: [
      {
        after: 3,
        leads: 'module-plug-corroded',
        first: /cleaned:module|look:module|module/,
        why: 'one wet plug explains both',
      },
    ],
  },
  {
    name: 'shared part: one rear sensor told as two wheels',
    vehicle: SHARED_REAR,
    steps: [code('C0037-31', 'current'), code('C003A-31', 'current')],
    stages: [{ after: 2, leads: '@rear-axle', first: /@rear-axle|^clear/, why: 'both names mean the one sensor' }],
  },
  {
    name: 'shared part: rear axle, not seated',
    vehicle: SHARED_REAR,
    steps: [code('C0037-21', 'stored'), looked(AXLE, 'gap', 'not-seated')],
    stages: [{ after: 2, leads: 'gap-wide@rear-axle', atLeast: 0.9, first: /reseated:gap@rear-axle/, why: 'seat it' }],
  },
  {
    name: 'ground point rusty, low feed',
    vehicle: ACTIVE,
    steps: [lamps(), { kind: 'no-answer', module: 'abs' }, battery(12.7), car('ground-point', 'corroded')],
    stages: [
      { after: 4, leads: 'module-supply', first: /supply|fuse|module/, why: 'a rusty ground starves the module' },
    ],
  },
  {
    name: 'every wheel after a flat battery',
    vehicle: PASSIVE,
    steps: [
      history('flat-battery-event', undefined, 4),
      code('C0031'),
      code('C0034'),
      code('C0037'),
      code('C003A'),
      battery(12.7),
    ],
    stages: [
      { after: 5, first: /battery|clear/, never: /replaced:(sensor|ring)/, why: 'measure and erase' },
      { after: 6, first: /clear/, why: 'the battery is well: erase and see' },
    ],
  },
  {
    name: 'old code stayed away',
    vehicle: ACTIVE,
    steps: [
      history('flat-battery-event', undefined, 30),
      code('C0031'),
      back('stayed-clear'),
      drove('lamps-stayed-out', 20),
    ],
    stages: [{ after: 4, leads: 'none', atLeast: 0.8, never: /^repair:replaced/, why: 'history' }],
  },
  {
    name: 'swollen ring and scored tip',
    vehicle: PASSIVE,
    steps: [code('C0037-2F', 'stored'), looked(RL, 'ring', 'swollen'), looked(RL, 'sensor', 'scored')],
    stages: [
      {
        after: 3,
        leads: 'ring-swollen@rear-left',
        atLeast: 0.9,
        first: /replaced:ring@rear-left|look:bearing/,
        why: 'the ring first, or the new tip goes the same way',
      },
    ],
  },
  {
    name: 'bearing pressed in the wrong way round',
    vehicle: ACTIVE,
    steps: [
      history('wheel-bearing', FL, 6),
      code('C0031-31', 'current'),
      live(FL, 'hand-spin', 'zero'),
      looked(FL, 'ring', 'reversed'),
    ],
    stages: [
      { after: 3, first: /@front-left|clear/, why: 'the corner touched last' },
      {
        after: 4,
        leads: 'ring-wrong@front-left',
        atLeast: 0.95,
        first: /replaced:ring@front-left/,
        why: 'seen with a magnetic card',
      },
    ],
  },
  {
    name: 'strut work, lead pulled tight',
    vehicle: PASSIVE,
    steps: [
      history('shock-or-strut', FR, 8),
      lamps('when-turning', 'intermittent'),
      code('C0034-1F', 'stored'),
      looked(FR, 'lead', 'stretched'),
    ],
    stages: [
      { after: 4, leads: 'lead', first: /lead|replaced:sensor|sensor:resistance|live/, why: 'it pulls when steering' },
    ],
  },
  {
    name: 'overload across an active sensor',
    vehicle: ACTIVE,
    steps: [code('C0034-31', 'current'), ohms(FR, 'sensor', 'overload', { range: 20_000 })],
    stages: [{ after: 2, first: /(look|meter|live).*@front-right|clear/, why: 'it condemns nothing' }],
  },
  {
    name: 'coil whole, hand-spin silent',
    vehicle: PASSIVE,
    steps: [code('C0031-31', 'stored'), ohms(FL, 'sensor', 1190, { temperature: 20 }), spun(FL, 0.002)],
    stages: [
      {
        after: 3,
        first: /look:(ring|gap|sensor|bearing)|distance|live|repair:reseated:gap/,
        why: 'no voltage from a whole coil: ring or gap',
      },
    ],
  },
  {
    name: 'coil shorted',
    vehicle: PASSIVE,
    steps: [code('C0031-11', 'current'), ohms(FL, 'sensor', 6)],
    stages: [
      { after: 2, leads: 's', first: /replaced:sensor|look:(lead|plug)|sensor-to-ground|lead/, why: 'sensor or lead' },
    ],
  },
  {
    name: 'high voltage: cut lead',
    vehicle: HV,
    steps: [code('C0031-13', 'current'), looked(FL, 'lead', 'severed')],
    stages: [
      {
        after: 2,
        leads: 'lead-open@front-left',
        atLeast: 0.9,
        first: /repair:(repaired-wire:lead|replaced:sensor)@front-left/,
        why: 'low-voltage work at the wheel is ordinary work',
      },
    ],
  },
  {
    name: 'red lamp: nobody drives',
    vehicle: PASSIVE,
    steps: [{ kind: 'lamps', lit: ['abs', 'brake-red'] }, code('C0031-31', 'stored')],
    stages: [{ after: 2, never: /drive/, why: 'brake force may be off' }],
  },
  {
    name: 'part hidden: no evidence, not asked again',
    vehicle: PASSIVE,
    steps: [code('C0034-31', 'stored'), looked(FR, 'ring', 'hidden')],
    stages: [
      { after: 2, never: /look:ring@front-right/, first: /@front-right|clear/, why: 'it cannot be seen from here' },
    ],
  },
  {
    name: 'jumps where the lead is flexed',
    vehicle: PASSIVE,
    steps: [
      lamps('intermittent'),
      code('C0031-1F', 'stored'),
      ohms(FL, 'sensor', 1200, { while: 'wiggle', unsteady: true, jumpsAt: 'lead' }),
    ],
    stages: [
      {
        after: 3,
        leads: 'lead-intermittent@front-left',
        atLeast: 0.7,
        first: /lead|replaced:sensor/,
        why: 'where it jumps it breaks',
      },
    ],
  },
  {
    name: 'jumps at the plug',
    vehicle: PASSIVE,
    steps: [
      lamps('intermittent', 'when-wet'),
      code('C0031-1F', 'stored'),
      ohms(FL, 'sensor', 1200, { while: 'wiggle', unsteady: true, jumpsAt: 'plug' }),
    ],
    stages: [
      {
        after: 3,
        leads: 'plug-corroded@front-left',
        first: /plug|lead|module-end|live|clear/,
        why: 'the contact moves',
      },
    ],
  },
  {
    name: 'finished',
    vehicle: ACTIVE,
    steps: [
      code('C0031-13', 'current'),
      looked(FL, 'plug', 'loose'),
      did('reseated', 'plug', FL, 'fixed'),
      back('stayed-clear'),
      drove('lamps-stayed-out', 30),
      NONE,
      { kind: 'lamps', lit: [] },
    ],
    stages: [{ after: 7, leads: 'none', atLeast: 0.95, never: /./, why: 'nothing but the watch' }],
  },
];
