const DAY = 86_400;

/** Times in seconds, with the unit that they were in. */
export interface Timed {
  readonly seconds: Float64Array;
  readonly unit: string;
  /** Nothing printed it: the steps told it. */
  readonly isAssumed?: true;
}

/**
 * Times from zero, in seconds; a clock that passes midnight goes on. Where no unit is printed, steps above 20 can only be milliseconds.
 * @example asSeconds(Float64Array.of(100, 350, 600), null) // => { seconds: Float64Array.of(0, 0.25, 0.5), unit: 'ms', isAssumed: true }
 */
export function asSeconds(times: Float64Array, printed: string | null): Timed {
  const steps = Array.from(times.subarray(1, 400), (time, at) => time - (times[at] as number)).toSorted(
    (a, b) => a - b,
  );
  const usual = steps[Math.floor(steps.length / 2)] ?? 0;
  const unit = printed ?? (usual > 20 ? 'ms' : 's');
  const factor = unit === 'ms' ? 0.001 : 1;
  const first = times[0] ?? 0;
  let before = 0;
  let added = 0;
  for (let at = 0; at < times.length; at += 1) {
    let now = ((times[at] as number) - first) * factor + added;
    if (now < before - DAY / 2) {
      added += DAY;
      now += DAY;
    }
    if (now < before) now = before;
    times[at] = now;
    before = now;
  }
  return { seconds: times, unit, ...(printed === null ? { isAssumed: true } : {}) };
}
