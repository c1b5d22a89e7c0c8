import type { Said } from '../../said';

export const texts = {
  lamps: 'Lamps and what was noticed',
  codes: 'Codes',
  before: 'Worked on before',
  readings: 'Readings',
  looks: 'Looked at',
  repairs: 'Repairs',
  proof: 'Proof',
  costs: 'Costs',
  open: 'Still to be done',
  drive: (result: Said) => `Drive: ${result}`,
  saved: (quote: Said) => `Less than the quote of ${quote}`,
  spent: 'Spent',
  inside: 'inside the band',
  outside: 'outside the band',
  stillOpen: 'This job is still open.',
  uses: {
    needed: 'needed',
    wasted: 'bought for nothing',
    kept: 'tool, kept',
    spare: 'spare',
    refund: 'refund',
    quote: "workshop's quote",
  },
  csvReadings: ['when', 'what', 'value', 'detail'],
  csvLedger: ['when', 'item', 'use', 'amount', 'currency'],
  question: (car: Said) => `${car}: what would you check next?`,
  thoughtLikely: (fault: Said, percent: Said) => `Zelf thinks ${fault} most likely (${percent} %), from what is above.`,
  notASafetyInspection:
    'The owner wrote down what the reader and the meter showed; Zelf worked out the rest. This is not a safety inspection.',
};
