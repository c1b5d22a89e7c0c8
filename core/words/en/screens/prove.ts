import { plural } from '#words/language';
import type { Said } from '../../said';

export const texts = {
  howOftenBefore: 'How often did it show before the repair?',
  planTheDrive: 'Plan the drive leg by leg',
  howMuchIsProved: 'How much is proved',
  levels: {
    standing: 'Repair confirmed standing',
    road: 'Confirmed on the road',
    watched: 'Watched to 95 %',
  },
  curve: (trips: Said, doubt: Said) => `Doubt after each clean trip; now ${trips} trips and ${doubt}`,
  safeFrom: '5 %: safe enough',
  tripsAxis: 'clean trips',
  whichOfThem: 'Which of them?',
  distanceDriven: (unit: Said) => `Distance driven, ${unit}`,
  tripsLikeThis: 'Trips like this',
  note: (what: Said) => `Note: ${what}`,
  noTimeToProve: 'No time to prove it',
  iGiveUpFor: 'I give up for now',
  itIsWithA: 'It is with a workshop now',
  proveThatItStays: 'Prove that it stays off',
  after: (list: Said) => `After: ${list}.`,
  noRepairIsRecorded: 'No repair is recorded yet. What you note here still counts;',
  recordARepair: 'record a repair',
  ifOneWasMade: 'if one was made.',
  noCodeReaderAt: 'No code reader at hand: prove it by lamps and drives',
  lampsOutAfterThe: (trips: Said, distance: Said) =>
    `Lamps out after the self-check, and ${trips} clean drives of ${distance} together, on different starts. This proves a little less than reading the codes, and the record says so.`,
  takeBack: 'Take back',
  endTheJobAnother: 'End the job another way',
  checkTheWheelNuts: 'Check the wheel nuts again after 50 to 100 km (30 to 60 miles).',
  seeTheRecord: 'See the record',
  itCameBack: 'It has come back',
  openTheJobAgain: 'Open the job again',
  provedErasedDrivenRead: 'Proved: erased, driven, read again, nothing came back',
  provedByLampsOut: (trips: Said, distance: Said) => `Proved by lamps: out, and ${trips} clean drives over ${distance}`,
  itUsedToCome: (trips: number) =>
    plural(trips, {
      one: 'It used to come and go. # clean trip leaves a doubt of {doubt}.',
      other: 'It used to come and go. # clean trips leave a doubt of {doubt}.',
    }),
  endTheJobSolved: 'End the job: solved',
  nothingCameBackSo: 'Nothing came back so far: the watch runs',
  aFaultThatComes:
    'A fault that comes and goes is proved by trips, not by one drive. Clean trips so far: {trips}, over {distance}. Doubt left: {doubt}.',
  tooManyTrips:
    'Trips alone would take too long: this repair is not likely to be the one. Look at what it rests on, under Find.',
  moreCleanTrips: (count: number) =>
    plural(count, {
      one: '# more clean trip brings it below 5 %. Drives within ten minutes of each other count as one.',
      other: '# more clean trips bring it below 5 %. Drives within ten minutes of each other count as one.',
    }),
  notCured: 'Not cured',
  yourNotesBelowShow:
    'Your notes below show that the fault is still there. Knowing that this repair changed nothing is useful: the fault must be somewhere else.',
  backToFindWith: 'Back to Find with that',
  eraseTheCodesKey: 'Erase the codes, key off, key on, read again',
  allModulesTheSame:
    'All modules: the same fault leaves codes in instruments and airbag too. A lamp that is still lit before this is no failure.',
  spinTheRepairedWheel: 'Spin the repaired wheel and watch its number',
  beforeTheWheelGoes: 'Before the wheel goes down, forward and back. Its own number must answer, and no other.',
  driveFiveKilometresMixed: 'Drive five kilometres, mixed',
  bendsBumpsGentleStops:
    'Bends, bumps, gentle stops, some seconds above 25 km/h (15 mph): some lamps go out only then. Somebody else reads the screen.',
  readAllModulesAgain: 'Read all modules again',
  thereMustBeNo: 'There must be no current and no pending code.',
  lookAtTheLamps: 'Look at the lamps after the self-check',
  keyOnEveryLamp: 'Key on: every lamp shows, then goes out.',
};
