import { describe, expect, test } from 'vitest';
import { faultChances, logEvidence, posteriorOf } from '../../core/belief/posterior';
import type { CaseFile, Observation, Vehicle } from '../../core/casefile/contract';
import { ACTIVE, code, PASSIVE, UNKNOWN, type Seen } from '../cases/writtenCase';
import { EVERY_WORD } from './everyWord';

/**
 * What each single observation makes of the belief, a line each, kept beside this test: for a mechanic to read and
 * correct, and so that no change moves one of them unseen (`npx vitest run tests/judgements -u` keeps what was meant).
 */

const BEFORE = code('C0031', 'current');
const VEHICLES: readonly (readonly [string, Vehicle])[] = [
  ['a passive sensor', PASSIVE],
  ['an active sensor', ACTIVE],
  ['a sensor of unknown type', UNKNOWN],
];

function fileOf(vehicle: Vehicle, ...seen: readonly Seen[]): CaseFile {
  const observations = seen.map((entry, at) => ({ ...entry, id: `o${at}` }) as Observation);
  return { format: 'zelf-case', version: 1, vehicle, observations };
}

/** The observation, and what is likeliest after it, in percent. */
function line(vehicle: Vehicle, seen: Seen): string {
  const posterior = posteriorOf(fileOf(vehicle, BEFORE, seen));
  const rows = faultChances(posterior)
    .sort((a, b) => b.probability - a.probability)
    .slice(0, 3)
    .map((row) => `${(100 * row.probability).toFixed(1)} ${row.fault}${row.channel ? ` ${row.channel}` : ''}`);
  const { kind: _kind, ...rest } = seen;
  const ignored = posterior.evidence.ignored.map((entry) => ` (ignored: ${entry.why})`).join('');
  const sign = Object.values(rest).flat().map(String).join(' ');
  return `${sign} → ${rows.join(', ')}, none ${(100 * posterior.none).toFixed(1)}, surprise ${(-logEvidence(posterior)).toFixed(1)}${ignored}`;
}

describe.each(VEHICLES)('%s', (_name, vehicle) => {
  test.each(Object.entries(EVERY_WORD))('%s', (_kind, all) => {
    expect(all.map((seen) => line(vehicle, seen))).toMatchSnapshot();
  });
});
