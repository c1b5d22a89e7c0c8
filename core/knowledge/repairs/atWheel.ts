import { BEARING_STEPS, HUB_UNIT, RING_STEPS, SHAFT } from '../guide/hubSteps';
import { repairOf, type RepairRecord } from './repair';
import { BORE, COMPARE, FILM, prepare, RING, SEAT_STEPS } from './steps';
import { texts } from '#words/knowledge/atWheel';

/** Ring, gap and sensor. */
export const AT_WHEEL: readonly RepairRecord[] = [
  {
    ...repairOf('replaced', 'ring'),
    words: texts.replaceTheToneRing,
    minutes: 120,
    price: 35,
    setups: ['wheel-off'],
    cures: ['ring-damaged', 'ring-swollen', 'ring-wrong'],
    alsoCures: [{ fault: 'ring-debris', chance: 0.9, why: texts.aNewRingIs }],
    opens: [SHAFT],
    steps: RING_STEPS,
    parts: [texts.theRing, texts.theHubNut],
  },
  {
    ...repairOf('cleaned', 'ring'),
    words: texts.cleanTheRing,
    minutes: 10,
    price: 0,
    setups: ['sensor-out'],
    cures: ['ring-debris'],
    steps: [
      prepare('ring-cleaned', texts.cleanTheRingAll, texts.metalDustActsLike, {
        tools: ['soft-brush', 'brake-cleaner'],
        cautions: ['dust'],
      }),
      RING,
    ],
    parts: [],
  },
  {
    ...repairOf('reseated', 'gap'),
    words: texts.cleanTheSeatAnd,
    minutes: 20,
    price: 1,
    setups: ['sensor-out'],
    cures: ['gap-wide'],
    steps: SEAT_STEPS,
    parts: [],
  },
  {
    ...repairOf('replaced', 'gap'),
    words: texts.replaceTheWheelBearing,
    minutes: 150,
    price: 80,
    setups: ['wheel-off'],
    cures: ['bearing-play'],
    alsoCures: [
      { fault: 'ring-wrong', chance: 0.9, why: texts.aNewBearingBrings },
      { fault: 'ring-damaged', chance: 0.5, why: texts.aNewBearingMay },
      { fault: 'gap-wide', chance: 0.9, why: texts.allThatHoldsThe },
    ],
    opens: [HUB_UNIT],
    steps: BEARING_STEPS,
    parts: [texts.theBearing, texts.theHubNut],
  },
  {
    ...repairOf('replaced', 'sensor'),
    words: texts.replaceTheSensor,
    minutes: 15,
    price: 40,
    setups: ['sensor-out', 'plug-apart'],
    freesLead: true,
    cures: [
      'sensor-open',
      'sensor-short',
      'sensor-weak',
      'sensor-damaged',
      'sensor-intermittent',
      'sensor-dead',
      'lead-open',
      'lead-intermittent',
      'lead-short',
    ],
    alsoCures: [
      { fault: 'sensor-dirty', chance: 0.95, why: texts.aNewTipIs },
      { fault: 'plug-corroded', chance: 0.4, why: texts.itsHalfOfThe },
      { fault: 'plug-loose', chance: 0.6, why: texts.pluggedInAfresh },
      { fault: 'gap-wide', chance: 0.3, why: texts.seatedAfreshButOn },
      { fault: 'ring-debris', chance: 0.15, why: texts.theBoreIsWiped },
    ],
    steps: [BORE, RING, COMPARE, FILM],
    parts: [texts.wheelSpeedSensorWith],
  },
  {
    ...repairOf('cleaned', 'sensor'),
    words: texts.cleanTheSensor,
    minutes: 5,
    price: 0,
    setups: ['sensor-out'],
    cures: ['sensor-dirty'],
    alsoCures: [
      { fault: 'ring-debris', chance: 0.3, why: texts.theBoreIsWiped },
      { fault: 'gap-wide', chance: 0.3, why: texts.seatedAfresh },
    ],
    steps: [
      prepare('tip-cleaned', texts.wipeTipAndFlange, texts.metalDustOnThe, {
        tools: ['rag', 'brake-cleaner'],
      }),
      BORE,
      RING,
    ],
    parts: [],
  },
];
