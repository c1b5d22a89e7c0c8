import type { Said } from '../../said';

export const texts = {
  timeIsUp: (minutes: Said) => `${minutes} minutes are over: the timer of this job rings.`,
  theAdviserHadStopped: 'The adviser had stopped. It was started again, and its advice is up to date.',
  somethingWentWrongEverything: (reason: Said) => `Something went wrong: ${reason}. Everything you entered is stored.`,
  thisWasNotKept: 'this was not kept',
  repairedJob: 'repaired job',
  newJob: 'new job',
  practiceCar: 'Practice car',
  practice: (levelOf: Said) => `practice: ${levelOf}`,
  theSheet: 'the sheet',
  theCosts: 'the costs',
  theMeaning: 'the meaning',
  wasNotReadTo: 'was not read to its end',
  cannotBeRead: (why: Said) => `cannot be read (${why})`,
  hasBytesAtMost: (size: Said, mOST_BYTES: Said) => `has ${size} bytes; at most ${mOST_BYTES} are read`,
  couldNotBeStarted: 'could not be started',
  itsProgramCouldNot: 'its program could not be loaded',
  itWasEnded: 'it was ended',
  noAnswerWithinS: (ms: Said) => `no answer within ${ms} s`,
};
