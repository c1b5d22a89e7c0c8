import { describe, expect, test } from 'vitest';
import { faultChances, logEvidence, posteriorOf } from '../../core/belief/posterior';
import type { CaseFile, ObservationOf, Vehicle } from '../../core/casefile/contract';
import { verdictOf } from '../../core/evidence/verdictOf';
import { contextWith, timelineOf } from '../../core/evidence/timeline';
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
  const observations = seen.map((entry, at) => ({ ...entry, id: `o${at}` }));
  return { format: 'zelf-case', version: 1, vehicle, observations };
}

/** What was entered, without its kind. */
const signOf = ({ kind: _kind, ...rest }: Seen): string => Object.values(rest).flat().map(String).join(' ');

/** The observation, and what is likeliest after it, in percent. */
function line(vehicle: Vehicle, seen: Seen): string {
  const posterior = posteriorOf(fileOf(vehicle, BEFORE, seen));
  const rows = faultChances(posterior)
    .sort((a, b) => b.probability - a.probability)
    .slice(0, 3)
    .map((row) => `${(100 * row.probability).toFixed(1)} ${row.fault}${row.channel ? ` ${row.channel}` : ''}`);
  const ignored = posterior.evidence.ignored.map((entry) => ` (ignored: ${entry.why})`).join('');
  return `${signOf(seen)} → ${rows.join(', ')}, none ${(100 * posterior.none).toFixed(1)}, surprise ${(-logEvidence(posterior)).toFixed(1)}${ignored}`;
}

/** What a reading means, in the words that the owner reads. */
function verdict(vehicle: Vehicle, seen: Seen): string {
  const file = fileOf(vehicle, BEFORE, seen);
  const reading = file.observations.at(-1) as ObservationOf<'meter'>;
  const found = verdictOf(reading, contextWith(timelineOf(file), reading));
  const { min, max, value = 0, halfWidth = 0, unit } = found?.figure ?? {};
  const limit = (used?: { readonly value: number; readonly from: string } | null): string =>
    used ? `${Number(used.value.toPrecision(6))} ${used.from}` : '…';
  const drawn = found?.figure
    ? ` (${limit(min)} to ${limit(max)}, ${Number(value.toPrecision(6))} ± ${halfWidth.toPrecision(3)} ${unit})`
    : '';
  return `${signOf(seen)} → ${found?.tone}: ${found?.heading} ${found?.detail}${drawn}`;
}

describe.each(VEHICLES)('%s', (_name, vehicle) => {
  test.each(Object.entries(EVERY_WORD))('%s', (_kind, all) => {
    expect(all.map((seen) => line(vehicle, seen))).toMatchSnapshot();
  });
  test('readings in words', () => {
    expect((EVERY_WORD['meter'] ?? []).map((seen) => verdict(vehicle, seen))).toMatchSnapshot();
  });
});
