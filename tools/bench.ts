import { performance } from 'node:perf_hooks';
import { runTrial } from '../bench/trial/trial';
import { assessFully } from '../core/adviser/assess';
import { posteriorOf } from '../core/adviser/posterior';
import { plainPosterior } from '../tests/support/plainPosterior';
import { benchCase } from './bench/benchCase';

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

const file = benchCase();
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
/** A trial of the adviser against other ways of working, where cars were asked for. */
function trial(cars: number): void {
  const { policies, calibrationError, brier, actedOnAt80 } = runTrial(cars, 1);
  for (const one of policies)
    console.log(
      `${one.policy.padEnd(16)} right ${(100 * one.repairedRightly).toFixed(1)} %  cost ${one.meanCost.toFixed(1)} (95 %: ${one.p95Cost.toFixed(0)})  parts for nothing ${one.partsForNothing.toFixed(3)}  checks ${one.checks.toFixed(1)}  minutes ${one.minutes.toFixed(0)}`,
    );
  console.log(
    `calibration error ${calibrationError.toFixed(3)}  Brier ${brier.toFixed(3)}  acted on at 0.8: ${(100 * actedOnAt80).toFixed(0)} %`,
  );
}

console.log(`plain over exact: ${Math.round(plain / posterior)} times`);

const cars = Number(process.argv[process.argv.indexOf('--cars') + 1]);
if (process.argv.includes('--cars') && Number.isInteger(cars) && cars > 0) trial(cars);
