import { repairOf, type RepairRecord } from './repair';
import { fit, wireSteps } from './steps';
import { texts } from '#words/knowledge/atWires';

/** Lead, plug, loom and the module's plug. */
export const AT_WIRES: readonly RepairRecord[] = [
  {
    ...repairOf('repaired-wire', 'lead'),
    words: texts.mendTheLead,
    minutes: 35,
    price: 5,
    setups: ['wheel-off', 'plug-apart'],
    cures: ['lead-open', 'lead-intermittent', 'lead-short'],
    locating: { look: 'lead', minutes: 12 },
    steps: [
      ...wireSteps(['flex', 'acid']),
      fit('wire-twisted', texts.keepTheTwistAnd, texts.theTwistKeepsNoise, {
        tools: ['multimeter'],
      }),
    ],
    parts: [texts.wireAndSleeves],
  },
  {
    ...repairOf('cleaned', 'plug'),
    words: texts.cleanThePlug,
    minutes: 8,
    price: 4,
    setups: ['plug-apart'],
    cures: ['plug-corroded'],
    alsoCures: [{ fault: 'plug-loose', chance: 0.9, why: texts.latchedAfresh }],
    steps: [
      fit('pins-cleaned', texts.cleanBothHalvesDry, texts.greenPinsAddResistance, {
        tools: ['contact-cleaner', 'fine-brush'],
      }),
      fit('seal-seen', texts.lookAtTheSeal, texts.theWaterCameIn),
    ],
    parts: [texts.contactCleaner],
  },
  {
    ...repairOf('reseated', 'plug'),
    words: texts.latchThePlug,
    minutes: 3,
    price: 0,
    setups: ['plug-apart'],
    cures: ['plug-loose'],
    alsoCures: [{ fault: 'plug-corroded', chance: 0.3, why: texts.pinsWipeEachOther }],
    atOnce: true,
    steps: [fit('pins-seen', texts.lookForAPin, texts.itMakesContactOnly, { tools: ['pick'] })],
    parts: [],
  },
  {
    ...repairOf('repaired-wire', 'loom'),
    words: texts.mendTheLoom,
    minutes: 70,
    price: 6,
    setups: ['plug-apart'],
    cures: [
      'loom-open',
      'loom-intermittent',
      'loom-short-to-ground',
      'loom-short-to-supply',
      'loom-short-across',
      'loom-crossed',
    ],
    locating: { look: 'loom', minutes: 35 },
    steps: [
      fit('break-found', texts.findTheBreakBy, texts.eachMeasurementHalvesThe, { tools: ['multimeter'] }),
      ...wireSteps(['acid']),
      fit('loom-closed', texts.tapeTheLoomPut, texts.itHasRubbedThrough),
    ],
    parts: [texts.wireAndSleeves],
  },
  {
    ...repairOf('repaired-wire', 'plug'),
    words: texts.renewThePlugsHalf,
    minutes: 40,
    price: 12,
    setups: ['plug-apart'],
    cures: [],
    alsoCures: [
      { fault: 'plug-corroded', chance: 0.95, why: texts.thePlugIsCut },
      { fault: 'plug-loose', chance: 0.95, why: texts.thePlugIsCut },
    ],
    steps: [...wireSteps(['acid'])],
    parts: [texts.plugWithPigtail, 'sleeves'],
  },
  {
    ...repairOf('cleaned', 'module'),
    words: texts.cleanTheModulesPlug,
    minutes: 15,
    price: 4,
    setups: ['module-plug-apart'],
    cures: ['module-plug-corroded'],
    steps: [fit('module-pins-cleaned', texts.cleanAndDryThe, texts.itComesBackIf, { tools: ['contact-cleaner'] })],
    parts: [texts.contactCleaner],
  },
  {
    ...repairOf('replaced', 'module'),
    words: texts.haveTheModuleRepaired,
    minutes: 60,
    price: 450,
    setups: ['module-plug-apart'],
    cures: ['module-input'],
    alsoCures: [{ fault: 'module-plug-corroded', chance: 0.9, why: texts.itsHalfOfThe }],
    workshop: true,
  },
];
