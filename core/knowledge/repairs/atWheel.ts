import { repairOf, type RepairRecord } from './repair';
import { BORE, COMPARE, FILM, prepare, RING } from './steps';

/** Ring, gap and sensor. */
export const AT_WHEEL: readonly RepairRecord[] = [
  {
    ...repairOf('replaced', 'ring'),
    words: 'replace the tone ring',
    minutes: 120,
    price: 35,
    setups: ['wheel-off'],
    cures: ['ring-damaged', 'ring-swollen', 'ring-wrong'],
    alsoCures: [{ fault: 'ring-debris', chance: 0.9, why: 'a new ring is clean' }],
  },
  {
    ...repairOf('cleaned', 'ring'),
    words: 'clean the ring',
    minutes: 10,
    price: 0,
    setups: ['sensor-out'],
    cures: ['ring-debris'],
    steps: [
      prepare(
        'ring-cleaned',
        'Clean the ring all round through the bore',
        'Metal dust acts like an extra tooth. Keep magnets away from a magnetic ring.',
        'ring',
        { tools: ['soft brush', 'brake cleaner'], cautions: ['dust'] },
      ),
      RING,
    ],
    parts: [],
  },
  {
    ...repairOf('reseated', 'gap'),
    words: 'clean the seat and seat the sensor afresh',
    minutes: 20,
    price: 1,
    setups: ['sensor-out'],
    cures: ['gap-wide'],
    steps: [
      BORE,
      prepare(
        'flange-flat',
        'Try the sensor dry: it must sit flat without force',
        'A little rust can make the gap half a millimetre wider.',
        'seat',
      ),
      RING,
    ],
    parts: [],
  },
  {
    ...repairOf('replaced', 'gap'),
    words: 'replace the wheel bearing',
    minutes: 150,
    price: 80,
    setups: ['wheel-off'],
    cures: ['bearing-play'],
    alsoCures: [
      { fault: 'ring-wrong', chance: 0.9, why: 'a new bearing brings its encoder' },
      { fault: 'ring-damaged', chance: 0.5, why: 'a new bearing may bring its encoder' },
      { fault: 'gap-wide', chance: 0.9, why: 'all that holds the gap is new' },
    ],
  },
  {
    ...repairOf('replaced', 'sensor'),
    words: 'replace the sensor',
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
      { fault: 'sensor-dirty', chance: 0.95, why: 'a new tip is clean' },
      { fault: 'plug-corroded', chance: 0.4, why: 'its half of the plug is new' },
      { fault: 'plug-loose', chance: 0.6, why: 'plugged in afresh' },
      { fault: 'gap-wide', chance: 0.3, why: 'seated afresh, but on the same rust' },
      { fault: 'ring-debris', chance: 0.15, why: 'the bore is wiped' },
    ],
    steps: [BORE, RING, COMPARE, FILM],
    parts: ['wheel speed sensor with lead'],
  },
  {
    ...repairOf('cleaned', 'sensor'),
    words: 'clean the sensor',
    minutes: 5,
    price: 0,
    setups: ['sensor-out'],
    cures: ['sensor-dirty'],
    alsoCures: [
      { fault: 'ring-debris', chance: 0.3, why: 'the bore is wiped' },
      { fault: 'gap-wide', chance: 0.3, why: 'seated afresh' },
    ],
    steps: [
      prepare('tip-cleaned', 'Wipe tip and flange clean', 'Metal dust on the tip weakens the signal.', 'look', {
        tools: ['rag', 'brake cleaner'],
      }),
      BORE,
      RING,
    ],
    parts: [],
  },
];
