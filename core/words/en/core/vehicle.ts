import type { Said } from '../../said';

export const texts = {
  channels: {
    'front-left': 'front left',
    'front-right': 'front right',
    'rear-left': 'rear left',
    'rear-right': 'rear right',
    'rear-axle': 'rear axle',
  },
  driversSide: { front: "front, driver's side", rear: "rear, driver's side" },
  passengersSide: { front: "front, passenger's side", rear: "rear, passenger's side" },
  offside: { front: 'front offside', rear: 'rear offside' },
  nearside: { front: 'front nearside', rear: 'rear nearside' },
  mustBeANumber: (least: Said, most: Said, example: Said) =>
    `must be a number from ${least} to ${most}, such as ${example}`,
  mustBeANumberSuch: 'must be a number, such as 1.0 kΩ',
  mustLookLike195: 'must look like 195/65R15',
  mustNotBeBelow: 'must not be below the lower value',
  mustLookLike19565r15: 'must look like 195/65R15, as on the tyre wall',
};
