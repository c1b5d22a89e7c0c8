/** What to try before money is spent on another reader, cheapest first. */
export interface ReaderHint {
  readonly id: string;
  readonly tryThis: string;
  readonly because: string;
}

/** A reader that will not connect at all. */
export const WILL_NOT_CONNECT: readonly ReaderHint[] = [
  {
    id: 'key-on',
    tryThis: 'Key on, engine off; wait ten seconds; then connect.',
    because: 'Most modules sleep until then.',
  },
  {
    id: 'seat',
    tryThis: 'Push the plug fully home; look for bent or spread pins in the socket.',
    because: 'A loose pin is the usual reason.',
  },
  {
    id: 'fuse',
    tryThis: "Does the reader light up? If not, check the socket's fuse; it often shares one with a lighter socket.",
    because: 'No feed, no reader.',
  },
  {
    id: 'battery',
    tryThis: 'Measure the battery: at least 12.4 V at rest.',
    because: 'Below about 11 V modules drop out of the talk.',
  },
  {
    id: 'protocol',
    tryThis: 'Choose the make-neutral mode, then each protocol in turn; switch radio add-ons off the socket.',
    because: 'Automatic search fails on older cars.',
  },
  {
    id: 'other-car',
    tryThis: 'Try it on another car.',
    because: 'Tells a dead reader from a silent car in one minute.',
  },
];

/** A reader that talks to the engine and shows nothing of the brakes. */
export const ENGINE_ONLY: readonly ReaderHint[] = [
  {
    id: 'menu',
    tryThis: 'Look for a menu named chassis, brakes, ABS or all systems.',
    because: 'The start menu often shows engine codes alone.',
  },
  {
    id: 'class',
    tryThis: 'Read its leaflet: does it say brake or ABS codes for a car of your age?',
    because: 'Emission codes are all that the plain kind must read; no setting changes that.',
  },
  {
    id: 'borrow',
    tryThis: 'Borrow one, or have the codes read at a counter and take a picture of the screen.',
    because: 'Costs less than a second reader bought on a guess.',
  },
  {
    id: 'flash',
    tryThis: 'On older cars the lamp itself can flash the codes: tap along below.',
    because: 'Needs no reader at all.',
  },
  {
    id: 'without',
    tryThis: 'Go on without codes: spin each wheel, look along each lead, measure both sides and compare.',
    because: 'Zelf judges from whatever there is.',
  },
];

/** How a car without a reader is made to flash its codes, in general words; the manual decides. */
export const FLASH_CODE_STEPS: readonly string[] = [
  'Find in the manual which two pins of the test socket call the codes, or which switch or pedal sequence does.',
  'Such sockets hide under the bonnet by the battery or fuse box, under the dashboard by the steering column, behind the ashtray or a side trim, under a seat or the carpet; often under a small cap.',
  'Ignition off. Bridge just those two pins with a thin wire that has a fuse of 1 A or less in it.',
  'Ignition on, engine off. The lamp lights for its bulb check, rests, then flashes.',
  'When you have two takes that agree: ignition off, then take the bridge out.',
];

export const FLASH_CODE_CAUTIONS: readonly string[] = [
  'Never bridge a pin that carries battery voltage to ground: measure first.',
  'Leave yellow connectors alone: they fire airbags.',
  'Pins not named by the manual stay untouched; a wrong bridge can kill a module.',
];
