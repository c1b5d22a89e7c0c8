import { performance } from 'node:perf_hooks';
import { summarise, trialCars, type TrialResult } from '../bench/trial/trial';
import { assessFully } from '../core/judgement/assess';
import { posteriorOf } from '../core/belief/posterior';
import { plainPosterior } from '../tests/support/plainPosterior';
import { thirtySeen } from '../tests/support/thirtySeen';
import { printGrowth } from './bench/growth';
import { printLogFindings, printLogSpeed } from './bench/logs';

/** How fast the adviser is: thirty observations on four channels, beside a plain version that writes out every state. */

const ROUNDS = 300;

function medianMs(run: () => void, rounds = ROUNDS): number {
  const times = Array.from({ length: rounds }, () => {
    const started = performance.now();
    run();
    return performance.now() - started;
  }).sort((a, b) => a - b);
  return times[Math.floor(rounds / 2)] ?? 0;
}

function line(name: string, ms: number, goal?: number): void {
  const against = goal === undefined ? '' : `   goal ${goal} ms: ${ms <= goal ? 'met' : 'MISSED'}`;
  console.log(`${name.padEnd(44)} ${ms.toFixed(2).padStart(10)} ms${against}`);
}

const file = thirtySeen();
const states = posteriorOf(file).joints.reduce((sum, one) => sum + one.states.length, 0);
medianMs(() => posteriorOf(file));
const posterior = medianMs(() => posteriorOf(file));
const whole = medianMs(() => assessFully(file));
const plain = medianMs(() => plainPosterior(file), 1);
console.log(
  `${file.observations.length} observations, ${file.vehicle.channels.length} channels, ${states} states of classes kept`,
);
line('exact posterior, median', posterior, 5);
line('whole assessment with two-step plan, median', whole, 60);
line('plain posterior: every state, objects and sort', plain);
const SEED = 1;

function figures({ calibrationError, brier, actedOnAt80 }: TrialResult['singleFault']): string {
  return `calibration error ${calibrationError.toFixed(3)}  Brier ${brier.toFixed(3)}  acted on at 0.8: ${(100 * actedOnAt80).toFixed(0)} %`;
}

/** The whole trial, in shares that print where they are. */
function trial(cars: number): void {
  if (cars === 0) return;
  const results = trialCars(0, cars, SEED, undefined, (done) => {
    if (done % 100 === 0) console.error(`${done} cars`);
    return true;
  });
  const result = summarise(results, SEED);
  for (const one of result.policies)
    console.log(
      `${one.policy.padEnd(16)} right ${(100 * one.repairedRightly).toFixed(1)} %  cost ${one.meanCost.toFixed(1)} (95 %: ${one.p95Cost.toFixed(0)})  parts for nothing ${one.partsForNothing.toFixed(3)}  checks ${one.checks.toFixed(1)}  minutes ${one.minutes.toFixed(0)}`,
    );
  console.log(figures(result));
  console.log(`single likeliest fault: ${figures(result.singleFault)}`);
}

const SEGMENTS = ['ring', 'gap', 'sensor', 'lead', 'plug', 'loom', 'module'];

/** All segments, or those after `--segments`, by commas: so that two processes can share them out. */
function segmentsAsked(): readonly string[] {
  const at = process.argv.indexOf('--segments');
  const asked = at < 0 ? [] : (process.argv[at + 1] ?? '').split(',');
  const known = asked.filter((one) => SEGMENTS.includes(one));
  return known.length > 0 ? known : SEGMENTS;
}

/** The world's priors of one segment after another, tripled and cut to a third: the adviser's are left as they are. */
function skewedTrials(cars: number): void {
  if (cars === 0) return;
  for (const segment of segmentsAsked())
    for (const times of [3, 1 / 3]) {
      const result = summarise(
        trialCars(0, cars, SEED, (one) => (one === segment ? times : 1)),
        SEED,
      );
      const cost = (policy: string): number => result.policies.find((one) => one.policy === policy)?.meanCost ?? 0;
      const adviser = result.policies[0];
      const share = (cost('adviser') - cost('knows-the-fault')) / (cost('part-first') - cost('knows-the-fault'));
      console.log(
        `${segment.padEnd(7)} x ${times.toFixed(2)}  right ${(100 * (adviser?.repairedRightly ?? 0)).toFixed(1)} %  cost ${cost('adviser').toFixed(1)}  share of the way to part first ${(100 * share).toFixed(0)} %  parts for nothing ${adviser?.partsForNothing.toFixed(3)}  ${figures(result)}`,
      );
    }
}

console.log(`plain over exact: ${Math.round(plain / posterior)} times`);

function wholeAfter(flag: string): number {
  const at = process.argv.indexOf(flag);
  const value = at < 0 ? 0 : Number(process.argv[at + 1]);
  return Number.isInteger(value) && value > 0 ? value : 0;
}

printLogSpeed();
printLogFindings();
printGrowth();
trial(wholeAfter('--cars'));
skewedTrials(wholeAfter('--skewed'));
