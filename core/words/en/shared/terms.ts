/** Trade words in one sentence each; `forms` is how they stand in a text, longest first. */
export const texts = {
  /** What may stand behind a form, as a regular expression. */
  endings: 's?',
  terms: {
    'air-gap': {
      forms: ['air gap'],
      says: 'The small distance between the sensor’s tip and the ring, usually about half a millimetre.',
    },
    ring: {
      forms: ['toothed ring', 'ring'],
      says: 'It turns with the wheel; the sensor counts its teeth or its magnets as they pass.',
    },
    encoder: {
      forms: ['magnet ring', 'encoder'],
      says: 'A ring with magnets instead of teeth, often hidden in the seal of the bearing.',
    },
    knuckle: {
      forms: ['knuckle'],
      says: 'The heavy metal part that carries the wheel’s hub and, on many cars, the sensor.',
    },
    hub: { forms: ['hub'], says: 'The part that the wheel is bolted to and that turns with it.' },
    'o-ring': { forms: ['O-ring'], says: 'A round rubber seal around the sensor that keeps water out of its bore.' },
    flange: { forms: ['flange', 'ear'], says: 'The flat ear of the sensor that its bolt holds down.' },
    bore: { forms: ['bore'], says: 'The hole in the metal that the sensor sits in.' },
    lead: { forms: ['lead'], says: 'The sensor’s own cable, from the sensor to its plug.' },
    loom: {
      forms: ['wiring harness', 'loom'],
      says: 'The car’s own wires, taped or in a tube, from the plug to the brake module.',
    },
    module: {
      forms: ['brake module', 'module'],
      says: 'The control unit that reads all wheel sensors and lights the lamps.',
    },
    'arch-liner': {
      forms: ['arch liner'],
      says: 'The plastic shell inside the wheel arch that keeps stones and water off.',
    },
    caliper: { forms: ['caliper'], says: 'The clamp that presses the brake pads against the disc.' },
    penetrant: { forms: ['penetrant'], says: 'A thin oil that creeps into rust; it needs time to work.' },
    grommet: { forms: ['grommet'], says: 'A rubber ring that guides wires through a hole in the metal.' },
    sleeve: {
      forms: ['sleeve'],
      says: 'A tube with glue inside that shrinks over a joint when it is heated, and seals it.',
    },
    clamp: { forms: ['clamp'], says: 'What holds the cable to the battery’s post.' },
    'ground-point': {
      forms: ['ground point', 'ground wire'],
      says: 'Where a wire is bolted to the body of the car, which is the battery’s minus.',
    },
    stand: { forms: ['axle stand'], says: 'A support that carries the car safely; a jack alone must never carry it.' },
    chock: { forms: ['chock'], says: 'A wedge before a wheel, so that the car cannot roll.' },
  },
  explain: 'What is this?',
};
