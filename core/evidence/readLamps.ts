import type { ObservationOf } from '../casefile/contract';
import * as lampTables from '../knowledge/tables/lamps';
import { bothTypes, type Table } from '../knowledge/tables/table';
import { isProved, ofKind, type Reading, type ReadingContext, type Report } from './report';
import { texts } from '#words/core/evidence';

type Lamps = ObservationOf<'lamps'>;

/** Lamps that one deaf wheel puts on together. */
const FAMILY: readonly string[] = ['abs', 'stability', 'hill-start', 'hill-descent'];
const OTHER_SYSTEMS: readonly string[] = ['airbag', 'engine', 'service', 'pad-wear', 'parking-brake'];
const COMES_AND_GOES = 'intermittent';
const STEADY = 'steady-from-key-on';

/** Who names the lamps that are lit may have left one out: how well "none of the family is lit" fits to say that one was. */
const LEFT_OUT = 0.2;
/** A brake lamp of untold colour is red on some cars: how well it fits to say that the red one is out. */
const PERHAPS_NOT_RED = 0.3;

function isSteadyNow({ pattern = [] }: Lamps): boolean {
  return pattern.includes(STEADY) && !pattern.includes(COMES_AND_GOES);
}

function cameAndWent({ pattern = [] }: Lamps): boolean {
  return pattern.includes(COMES_AND_GOES) && !pattern.includes(STEADY);
}

/** The earlier note of lamps that came and went, where these by now are lit for good. */
function grownInto(lamps: Lamps, notes: readonly Lamps[]): Lamps | null {
  if (!isSteadyNow(lamps)) return null;
  return notes.slice(0, notes.indexOf(lamps)).find(cameAndWent) ?? null;
}

function isOutgrown(lamps: Lamps, notes: readonly Lamps[]): boolean {
  return cameAndWent(lamps) && notes.slice(notes.indexOf(lamps) + 1).some(isSteadyNow);
}

/** Whether the family is lit; not lit counts too, where lamps were named and none of it was among them. */
function familyFits({ lit }: Lamps): Readonly<Record<string, number>> | null {
  if (lit.some((lamp) => FAMILY.includes(lamp))) return { lit: 1 };
  if (lit.length === 0) return { out: 1 };
  return lit.includes('message') ? null : { out: 1, lit: LEFT_OUT };
}

function redFits({ lit }: Lamps): Readonly<Record<string, number>> {
  if (lit.includes('brake-red')) return { lit: 1 };
  return lit.includes('brake') ? { lit: 1, out: PERHAPS_NOT_RED } : { out: 1 };
}

/**
 * What the lamps say: which family is lit or not, the red lamp, many systems at once, and how they behave.
 * @param lamps the observation. @param context its stage.
 * @returns reports on the car as a whole; ignored while a repair has not been proved, for then a lit lamp proves nothing.
 * @example readLamps(CASE.observations[0], STAGE).reports[0].fits // => {"lit":1}
 */
export function readLamps(lamps: Lamps, context: ReadingContext): Reading {
  if (context.afterRepair && lamps.lit.length > 0 && !isProved(lamps, context))
    return {
      ignored: texts.provesNothingYetA,
    };
  const report = (table: Table, fits: Report['fits'], ids = [lamps.id]): Report => ({
    ids,
    channel: null,
    check: bothTypes(table),
    fits,
  });
  const notes = ofKind(context, 'lamps').filter((note) => note.lit.length > 0);
  const grown = grownInto(lamps, notes);
  const isGrown = grown !== null || isOutgrown(lamps, notes);
  const family = familyFits(lamps);
  const others = lamps.lit.filter((lamp) => OTHER_SYSTEMS.includes(lamp)).length;
  const patterns = lamps.lit.length > 0 ? (lamps.pattern ?? []) : [];
  return {
    reports: [
      ...(family ? [report(lampTables.FAMILY_LAMPS, family)] : []),
      report(lampTables.RED_LAMP, redFits(lamps)),
      report(lampTables.OTHER_SYSTEMS, { [others > 1 ? 'many' : 'few']: 1 }),
      ...(grown ? [report(lampTables.LAMP_GREW, { reported: 1 }, [grown.id, lamps.id])] : []),
      ...patterns.flatMap((pattern) => {
        const table = lampTables.LAMP_PATTERN_TABLES[pattern];
        const isReplaced = isGrown && (pattern === COMES_AND_GOES || pattern === STEADY);
        return table && !isReplaced ? [report(table, { reported: 1 })] : [];
      }),
    ],
  };
}
