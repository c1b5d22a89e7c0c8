import type { CaseFile, Observation, ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { showReading } from '../quantities/show';
import { FINDING_NAMES, LIVE_NAMES, PART_NAMES, POINT_NAMES } from '../knowledge/names';
import { otherSide } from '../vehicle/channels';

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

/** Readings of a pair that lie this far apart are worth a thought: parts of one axle are alike within a tenth. */
const ALIKE_WITHIN = 0.12;

function meterSaid(one: ObservationOf<'meter'>): Said {
  const shown = showReading(one.value, one.quantity, one.resolution ?? null);
  const how = one.while === 'wiggle' ? ', flexed' : one.while === 'hand-spin' ? ', spun' : '';
  return {
    what: `${POINT_NAMES[one.point] ?? one.point}${how}`,
    check: `meter:${one.point}:${one.quantity}`,
    text: one.unsteady ? `${shown.number} ${shown.unit}, jumps` : `${shown.number} ${shown.unit}`.trim(),
    value: one.value === 'overload' || one.unsteady ? null : one.value,
  };
}

function said(one: Observation): Said | null {
  switch (one.kind) {
    case 'meter':
      return meterSaid(one);
    case 'look':
      return {
        what: PART_NAMES[one.part] ?? one.part,
        check: `look:${one.part}`,
        text: FINDING_NAMES[one.finding] ?? one.finding,
        value: null,
      };
    case 'live':
      return {
        what:
          one.while === 'drive'
            ? 'Speed on the road'
            : one.while === 'hand-spin'
              ? 'Speed, spun by hand'
              : 'Speed, standing',
        check: `live:${one.while}`,
        text: LIVE_NAMES[one.finding] ?? one.finding,
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
 */
export function compareSides(
  file: CaseFile,
  channel: Channel,
): { readonly twin: Channel | null; readonly rows: readonly SideBySide[] } {
  const twin = otherSide(channel, file.vehicle.channels);
  if (!twin) return { twin, rows: [] };
  const rows = new Map<string, { first: Said; here: Said | null; there: Said | null }>();
  for (const one of file.observations) {
    const told = one.withdrawn || (one.channel !== channel && one.channel !== twin) ? null : said(one);
    if (!told) continue;
    const row = rows.get(told.what) ?? { first: told, here: null, there: null };
    rows.set(told.what, one.channel === channel ? { ...row, here: told } : { ...row, there: told });
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
