import type { Said } from '../../said';

export const texts = {
  title: 'Handbook',
  lead: 'Codes, the meter, words of the trade, cautions. Everything here works without a network.',
  search: 'Search: a code, a word, a symbol …',
  found: (count: Said) => `${count} found`,
  nothing: 'Nothing of that is in here. Try another word, or part of one.',
  toGarage: 'Garage',
  toArithmetic: 'Sums: tyre, gap, resistance, torque',
  topics: {
    meter: 'The meter',
    checks: 'Checks',
    codes: 'Codes',
    failure: 'Failure types',
    home: 'Getting home',
    cautions: 'Cautions',
    words: 'Words of the trade',
  },
  code: (code: Said) => `Code ${code}`,
  codeText: (meaning: Said) =>
    `${meaning}. By the public table (SAE J2012, ISO 15031-6); your reader's wording or your manual outranks it.`,
  failureType: (byte: Said, meaning: Said) => `${byte}: ${meaning}`,
  natures: {
    electrical: 'Points along the wires: sensor, lead, plug, loom, module.',
    signal: 'Points to what makes the signal: ring, gap, sensor.',
    other: 'Points to the module or its programs, or says nothing of the place.',
  },
  meter: [
    {
      title: 'Ω: resistance',
      text: 'Ignition off, plug apart, never on a fed circuit. Begin at the 20 kΩ range: a 2 kΩ range shows OL on a sound coil of 2.2 kΩ. 1.03 k, 1030 and 1.03 kΩ are the same reading.',
    },
    {
      title: 'OL, 0L, or a 1 at the left: overload',
      text: 'More than this range can show: an open wire, or too small a range. Try a larger range first. Across an active sensor it condemns nothing.',
    },
    {
      title: 'V with a straight line and dashes: DC voltage',
      text: 'For supply and battery. Black to a sound ground. An active sensor is fed with about 5 V up to battery voltage, ignition on.',
    },
    {
      title: 'V with a wave: AC voltage',
      text: 'For a passive sensor while the wheel is turned about once a second: 0.1 V or more, steady. Many low-cost meters cannot resolve that: compare with the other side before you believe a zero.',
    },
    {
      title: 'Zero the leads first',
      text: 'Touch the probes together and take what you read off every small resistance.',
    },
    {
      title: 'How far a reading can be trusted',
      text: 'A low-cost meter is good for 1 % and three counts. A reading within that of a limit is borderline, neither good nor bad.',
    },
    {
      title: 'A new part outside the printed band',
      text: 'A warning, not a verdict: compare with the same sensor on the other side.',
    },
    {
      title: 'Which way round to ground',
      text: 'A signal wire to ground must read overload, more than 1 MΩ, both plugs off. Some published steps say "under 5 Ω is good": that is the wrong way round.',
    },
  ],
  home: [
    {
      title: 'Only the ABS lamp is lit',
      text: 'The brakes work as without ABS: they stop the car, and a wheel can lock. Keep a longer distance, brake early, mind wet and ice.',
    },
    {
      title: 'ABS and stability lamps are lit',
      text: 'No help against skidding. Slow into bends, gentle with the pedal. On ice better not at all.',
    },
    {
      title: 'Power is cut in bends or when moving off',
      text: 'Traction control believes that a wheel spins and takes the power away. In a junction that is dangerous: leave larger gaps. Switching stability off to get home is a risk: nothing catches a skid then.',
    },
    {
      title: 'The red brake lamp is lit, or the pedal is soft',
      text: 'Do not drive. Look at the fluid; let the car be towed.',
    },
    {
      title: 'ABS and red brake lamp together',
      text: 'The distribution of brake force to the rear may be off: the rear can lock first. Do not drive.',
    },
    {
      title: 'The airbag lamp is lit, too',
      text: 'Airbags may be off. It is its own fault until it has gone out by itself after the repair. Do not probe yellow plugs.',
    },
  ],
};
