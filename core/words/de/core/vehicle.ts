import type { texts as en } from '../../en/core/vehicle';

export const texts: typeof en = {
  channels: {
    'front-left': 'vorn links',
    'front-right': 'vorn rechts',
    'rear-left': 'hinten links',
    'rear-right': 'hinten rechts',
    'rear-axle': 'Hinterachse',
  },
  driversSide: { front: 'vorn, Fahrerseite', rear: 'hinten, Fahrerseite' },
  passengersSide: { front: 'vorn, Beifahrerseite', rear: 'hinten, Beifahrerseite' },
  offside: { front: 'vorn, Fahrbahnseite', rear: 'hinten, Fahrbahnseite' },
  nearside: { front: 'vorn, Gehwegseite', rear: 'hinten, Gehwegseite' },
  mustBeANumber: (least, most, example) => `muss eine Zahl von ${least} bis ${most} sein, etwa ${example}`,
  mustBeANumberSuch: 'muss eine Zahl sein, etwa 1,0 kΩ',
  mustLookLike195: 'muss aussehen wie 195/65R15',
  mustNotBeBelow: 'darf nicht unter dem unteren Wert liegen',
  mustLookLike19565r15: 'muss aussehen wie 195/65R15, wie auf der Reifenflanke',
};
