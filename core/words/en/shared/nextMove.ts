import { plural } from '#words/language';
import type { Said } from '../../said';

export const texts = {
  nothingOnThisPath: 'nothing on this path',
  whatEachAnswerWould: 'What each answer would do',
  thisAdviceIsFrom: 'This advice is from before your last entry.',
  thinking: 'Thinking',
  workingOutTheNext: 'Working out the next move',
  toSpend: 'to spend',
  whyThis: 'Why this?',
  andOtherMoves: 'and other moves',
  n: 'N',
  whyThisAndWhat: 'Why this, and what else',
  whatIsMostLikely: 'What is most likely now',
  movesBestFirst: 'Moves, best first',
  theBestMoveIs:
    'The best move is the one that makes the whole job cheapest: your time, the parts, and parts bought for nothing.',
  whatIf: 'What if?',
  min: (figure: Said, money: Said) => `${figure} min · ${money}`,
  whatWouldChangeMy: 'What would change my mind',
  noCheckThatIs: 'No check that is worth doing would put another fault first.',
  from: (check: Said) => `from: ${check}`,
  thenMoreLikely: 'then more likely:',
  likely: (chance: Said) => `· ${chance} likely`,
  unusualBesideYourOther: 'Unusual beside your other findings',
  unusualFindings: (count: number) =>
    plural(count, {
      one: 'One finding is marked in Find. Please check it again before you trust it.',
      other: '# findings are marked in Find. Please check them again before you trust them.',
    }),
  enterCodes: 'Enter codes',
  eraseAndSee: 'Erase and see',
  fixThis: 'Fix this',
  answer: 'Answer',
  doThisCheck: 'Do this check',
  readyToRepair: 'Ready to repair',
  everythingPointsToA: 'Everything points to a cured car',
  watchIsRunning: 'The watch is running',
  driveAndNote: 'Drive as usual and note every trip',
  afterMoreTrips: (count: number) =>
    plural(count, {
      one: 'After 1 more clean trip you can be 95 % sure.',
      other: 'After # more clean trips you can be 95 % sure.',
    }),
  noteATrip: 'Note a trip',
  nowDriveItAnd: 'Now drive it and watch whether the lamps stay off',
  toTheProof: 'To the proof',
  stopHere: 'Stop here',
  openTheRecord: 'Open the record',
  nextMove: 'Next move',
  thisJobIsClosed: 'This job is closed',
  seeWhatWasDone: 'See what was done',
};
