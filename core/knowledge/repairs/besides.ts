import { repairOf, type RepairRecord } from './repair';

/** What all channels share, and what lies beside the path. */
export const BESIDES: readonly RepairRecord[] = [
  {
    ...repairOf('charged', 'supply'),
    words: 'charge the battery and test it',
    minutes: 15,
    price: 0,
    setups: [],
    cures: ['battery-low'],
    steps: [
      {
        id: 'battery-charged',
        phase: 'fit',
        text: 'Clean the terminals, charge overnight, measure at rest and cranking',
        why: 'Below 12.4 V at rest or 9.6 V cranking every other reading is void.',
        drawing: 'battery',
        tools: ['charger', 'multimeter'],
      },
    ],
    parts: [],
  },
  {
    ...repairOf('replaced', 'supply'),
    words: 'renew the battery',
    minutes: 20,
    price: 90,
    setups: [],
    cures: [],
    alsoCures: [{ fault: 'battery-low', chance: 0.95, why: 'a new battery' }],
  },
  {
    ...repairOf('repaired-wire', 'supply'),
    words: "mend the module's feed or ground",
    minutes: 40,
    price: 5,
    setups: [],
    cures: ['module-supply'],
    steps: [
      {
        id: 'feed-mended',
        phase: 'fit',
        text: "Renew the module's fuse, clean its ground point, measure its feed",
        why: 'A blown fuse has a reason: look for it before the new one blows.',
        drawing: 'battery',
        tools: ['multimeter', 'wire brush'],
      },
    ],
    parts: ['fuse'],
  },
  {
    ...repairOf('replaced', 'elsewhere'),
    words: 'replace the odd tyre, or the brake light switch',
    minutes: 25,
    price: 30,
    setups: [],
    cures: ['tyre-mismatch', 'brake-switch'],
  },
  {
    ...repairOf('topped-up', 'elsewhere'),
    words: 'top up the brake fluid and find out why it was low',
    minutes: 5,
    price: 6,
    setups: [],
    cures: ['brake-fluid-low'],
    steps: [
      {
        id: 'fluid-topped',
        phase: 'fit',
        text: 'Top up with the fluid that the cap names, then find out why it was low',
        why: 'Worn pads lower it slowly; a leak is another matter: then do not drive.',
        drawing: 'fluid',
        tools: ['brake fluid'],
      },
    ],
    parts: ['brake fluid'],
  },
  {
    repair: 'clear',
    action: null,
    segment: null,
    ofCar: false,
    words: 'erase the old code',
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
    words: 'put a spacer under the sensor',
    minutes: 30,
    price: 3,
    setups: ['sensor-out'],
    cures: [],
    alsoCures: [
      { fault: 'ring-swollen', chance: 0.6, why: 'it keeps a swollen ring from rubbing, at the price of signal' },
    ],
  },
  {
    ...repairOf('cleaned', 'gap'),
    words: 'clean the seat',
    minutes: 20,
    price: 1,
    setups: ['sensor-out'],
    cures: [],
    alsoCures: [{ fault: 'gap-wide', chance: 0.8, why: 'rust scraped away' }],
  },
  {
    ...repairOf('reseated', 'sensor'),
    words: 'seat the sensor afresh',
    minutes: 20,
    price: 1,
    setups: ['sensor-out'],
    cures: [],
    alsoCures: [{ fault: 'gap-wide', chance: 0.8, why: 'the same by another name' }],
  },
];
