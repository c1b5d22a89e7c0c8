import { plural } from '#words/language';
import type { Said } from '../../said';

export const texts = {
  title: 'What it cost',
  inShort: (spent: Said, saved: string) => (saved ? `${spent} spent, ${saved} less than the quote` : `${spent} spent`),
  besideTheWorkshop: 'Beside the workshop',
  quote: 'Quote',
  asked: 'asked',
  savedMoney: 'you saved',
  savedWithHours: 'with your hours paid',
  timeSaid: (time: Said) => `You worked ${time} on it.`,
  timeReckoned: (time: Said) => `By when things were noted, you worked about ${time} on it.`,
  hoursAreWorth: (worth: Said, hour: Said) => `At ${hour} an hour that is ${worth}.`,
  hoursItTook: 'Hours that it took',
  vehicleSoFar: (total: Said, count: number) =>
    plural(count, {
      one: `This vehicle so far: ${String(total)} for repairs, in 1 job. Tools and spares are not in it.`,
      other: `This vehicle so far: ${String(total)} for repairs, in # jobs. Tools and spares are not in it.`,
    }),
  forNothing: (wasted: Said, repairs: number) =>
    plural(repairs, {
      one: `Parts bought for nothing: ${String(wasted)}. One repair changed nothing.`,
      other: `Parts bought for nothing: ${String(wasted)}. Repairs that changed nothing: #.`,
    }),
  otherCurrencies: (count: number) =>
    plural(count, {
      one: '1 entry is in another currency and in none of the sums.',
      other: '# entries are in another currency and in none of the sums.',
    }),
  lesson: 'The lesson',
  whatWouldHave: 'What would have been cheaper?',
  playing: 'Playing such a car on the Bench',
  cannotPlay: 'The Bench could not play such a car. Nothing of your job has changed.',
  itWas: (fault: Said) => `It was: ${fault}. On a car like yours with this fault, Zelf would go this way:`,
  roadTakes: (time: Said, own: Said) => `That takes about ${time}. You worked ${own}.`,
};
