import type { CaseFile, Observation, ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { showReading } from '../quantities/show';
import { checkRecord } from '../knowledge/checks/all';
import { ALIKE_WITHIN } from '../knowledge/limits';
import { FINDING_NAMES, LIVE_NAMES } from '../knowledge/names';
import { PARTS } from '../knowledge/parts';
import { otherSide } from '../vehicle/channels';
import { texts } from '#words/core/evidence';

/** One thing that was looked at on both sides of an axle, or only on one. */
export interface SideBySide {
  readonly what: string;
  /** The check that would fill an empty side. */
  readonly check: string;
  readonly here: string;
  readonly there: string;
  /** Difference of two readings as a share of the larger, 0 to 1; null where they are words or one is missing. */
  readonly apart: number | null;
  /** Whether the two sides say different things. */
  readonly differs: boolean;
}

interface Said {
  readonly what: string;
  readonly check: string;
  readonly text: string;
  readonly value: number | null;
}

/** What was measured, by how the part was moved meanwhile. */
const HOW: Readonly<Partial<Record<NonNullable<ObservationOf<'meter'>['while']>, (name: string) => string>>> = {
  wiggle: texts.flexed,
  'hand-spin': texts.spun,
};

function meterSaid(observation: ObservationOf<'meter'>): Said {
  const check = `meter:${observation.point}:${observation.quantity}`;
  const shown = showReading(observation.value, observation.quantity, observation.resolution ?? null);
  const name = checkRecord(check)?.name ?? observation.point;
  return {
    what: HOW[observation.while ?? 'still']?.(name) ?? name,
    check,
    text: observation.unsteady ? texts.jumpsAround(shown.number, shown.unit) : `${shown.number} ${shown.unit}`.trim(),
    value: observation.value === 'overload' || observation.unsteady ? null : observation.value,
  };
}

function said(observation: Observation): Said | null {
  switch (observation.kind) {
    case 'meter':
      return meterSaid(observation);
    case 'look':
      return {
        what: PARTS[observation.part].name,
        check: `look:${observation.part}`,
        text: FINDING_NAMES[observation.finding] ?? observation.finding,
        value: null,
      };
    case 'live':
      return {
        what:
          observation.while === 'drive'
            ? texts.speedOnTheRoad
            : observation.while === 'hand-spin'
              ? texts.speedSpunByHand
              : texts.speedStanding,
        check: `live:${observation.while}`,
        text: LIVE_NAMES[observation.finding] ?? observation.finding,
        value: null,
      };
    default:
      return null;
  }
}

/**
 * A corner beside its twin across the axle: the oldest way to judge a reading without a manual.
 * @param file the case. @param channel the corner.
 * @returns the twin, and a row a thing seen on either side, the newest counting; no twin gives no rows.
 * @example compareSides(CASE, 'front-right').twin // => "front-left"
 */
export function compareSides(
  file: CaseFile,
  channel: Channel,
): { readonly twin: Channel | null; readonly rows: readonly SideBySide[] } {
  const twin = otherSide(channel, file.vehicle.channels);
  if (!twin) return { twin, rows: [] };
  const rows = new Map<string, { first: Said; here: Said | null; there: Said | null }>();
  for (const observation of file.observations) {
    const known =
      observation.withdrawn || (observation.channel !== channel && observation.channel !== twin)
        ? null
        : said(observation);
    if (!known) continue;
    const row = rows.get(known.what) ?? { first: known, here: null, there: null };
    rows.set(known.what, observation.channel === channel ? { ...row, here: known } : { ...row, there: known });
  }
  return { twin, rows: [...rows.values()].map(({ first, here, there }) => rowOf(first, here, there)) };
}

function rowOf(first: Said, here: Said | null, there: Said | null): SideBySide {
  const [a, b] = [here?.value ?? null, there?.value ?? null];
  const largest = a === null || b === null ? 0 : Math.max(Math.abs(a), Math.abs(b));
  const apart = a === null || b === null ? null : largest === 0 ? 0 : Math.abs(a - b) / largest;
  const both = here !== null && there !== null;
  return {
    what: first.what,
    check: first.check,
    here: here?.text ?? '',
    there: there?.text ?? '',
    apart,
    differs: both && (apart === null ? here.text !== there.text : apart > ALIKE_WITHIN),
  };
}
