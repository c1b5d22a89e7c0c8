import { trialCars } from '../bench/trial/trial';

/** A process of its own that does a share of a trial's cars and sends the results home: words are the first car, one past the last, the seed. */
const [from = 0, to = 0, seed = 0] = process.argv.slice(2).map(Number);
process.send?.(trialCars(from, to, seed), () => process.disconnect());
