import { plural } from '#words/language';
import type { Said } from '../../said';

export const texts = {
  thisJobIsVery:
    'This job is very long. Its oldest repairs and the least likely combinations were left out of the reckoning.',
  aSoftPedalOr:
    'A soft pedal or leaking fluid: do not drive. This is hydraulics, a matter for a professional, before any sensor.',
  absAndTheRed: 'ABS and the red brake lamp together: brake force to the rear may be off. Do not drive.',
  redBrakeLampCheck:
    'Red brake lamp: check parking brake and fluid level first, and do not drive until you know why it is lit.',
  theAirbagLampIs:
    'The airbag lamp is never a mere echo until it has gone out by itself after the repair. Airbags may be off meanwhile; never probe yellow connectors.',
  highVoltageCarBefore:
    'High-voltage car: before you touch a part, switch the car off, keep its key out of reach and make the 12 V side dead as its manual says. Never touch orange cables, their covers or the service plug. What cannot be reached without passing orange parts is for a professional.',
  aSwollenRingOr:
    'A swollen ring or a loose bearing scores the tip: a new sensor alone will not last, the fault will come back. Mend the cause with it.',
  withoutAbsAndStability:
    'Without ABS and stability the car still brakes, but wheels can lock: longer stops, no help on ice.',
  flatHardGroundChocks: 'Flat hard ground, chocks, stated jacking points, and stands: never a jack alone.',
  ignitionOffBeforeA: 'Ignition off before a plug is opened or ohms are measured.',
  theSensorsOfAn:
    'The sensors of an axle are still exchanged: what followed the sensor now sits at the other corner. Put them back before you read on, or look there.',
  anOldSensorOften: 'An old sensor often breaks when it is levered out: have the new one in hand before you force it.',
  theModulesPlugCarries:
    "The module's plug carries strong feeds: isolate the battery as the manual says, identify the pins, never bridge two.",
  somebodyElseReadsThe: 'Somebody else reads the screen; nobody handles it while driving.',
  unusualBesideYourOther: 'Unusual beside your other findings. Please check it again.',
  jumpsAbout: 'jumps about',
  softPedalOrLost: 'Soft pedal or lost fluid is hydraulics. Do not drive; let a professional see to it first.',
  theAirbagLampStays: 'The airbag lamp stays lit by itself: it has a cause of its own, a matter for a professional.',
  afterABlowA:
    'After a blow, a bent seat may mean a cracked or bent knuckle, which carries the wheel: let a professional look.',
  twoRepairsChangedNothing:
    'Two repairs changed nothing. A third on the same evidence would be a guess: have the findings checked by a professional.',
  theModulesOwnInput: (percent: Said) =>
    `The module's own input is the likeliest cause (${percent}): a job for a workshop that can test it.`,
  nothingIsWrongNow: (percent: Said) => `Nothing is wrong now, as far as can be seen (${percent}).`,
  nothingHasComeBack: (percent: Said) =>
    `Nothing has come back since the erase: an old code, most likely (${percent}). Keep an eye on it; no repair is worth doing now.`,
  furtherChecksWouldNot: (fault: Said) => `Further checks would not change the answer.${fault}`,
  onAverageItCosts: 'On average it costs about as much as the best move.',
  onAverageThisSaves: (money: Said) =>
    `On average this costs about ${money} less than the next best move, your time included.`,
  onAverageThisCosts: (money: Said) => `On average this costs about ${money} more than the best move.`,
  itIsAlmostCertain: (percent: Said) => `It is almost certain (${percent}) that this mends a fault that is there.`,
  itIsLikelyThat: (percent: Said) => `It is likely (${percent}) that this mends a fault that is there.`,
  thereIsAChance: (percent: Said) => `There is a ${percent} chance that this mends a fault that is there.`,
  itIsUnlikelyThat: (percent: Said) => `It is unlikely (${percent}) that this mends a fault that is there.`,
  behindItMayBe: (cause: Said, percent: Said) =>
    `Behind it may be: ${cause}, ${percent}. Unless that is mended too, the fault will come back.`,
  steady: 'steady',
  overloadSign: 'OL',
  driveAndNote: 'Drive as usual and note every trip',
  afterMoreTrips: (count: number) =>
    plural(count, {
      one: 'After 1 more clean trip you can be 95 % sure.',
      other: 'After # more clean trips you can be 95 % sure.',
    }),
  nowDriveItAnd: 'Now drive it and watch whether the lamps stay off',
  itWasDriven: 'It was driven, and nothing came back: watch it on, or close the job',
  onAverageThisIsCheaper: (money: Said) =>
    `On average this costs about ${money} less than a workshop, your time included.`,
};
