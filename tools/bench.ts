import { performance } from 'node:perf_hooks';
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
console.log(`plain over exact: ${Math.round(plain / posterior)} times`);
