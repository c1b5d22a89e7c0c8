import type { Said } from '../../said';

export const texts = {
  takes: (minutes: Said, distance: Said) => `About ${minutes} minutes, ${distance}.`,
  before: 'Read the codes and look at the lamps before you start, and note the odometer.',
  nobodyTouches:
    'While the car moves, the driver touches no screen: somebody else reads, or you note it when you have parked.',
  driven: (words: Said) => `Driven, no lamp: ${words}`,
  cameOn: 'A lamp came on here',
  allClean: 'All driven, no lamp: note the drive',
  record: 'Record it with the reader',
  after:
    'Afterwards read all modules again. What other modules store about the same wheel is an echo: it goes with the cause. Two recordings of the same route can be laid over each other.',
};
