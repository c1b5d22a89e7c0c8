import { texts } from '#words/core/quantities';

/** Spanners that people have, by what is printed on them, with the width in mm (ISO 691; inches × 25.4). */
const METRIC = [5.5, 6, 7, 8, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 21, 22, 24, 27, 30, 32, 36] as const;
const INCH = [
  ['1/4', 1 / 4],
  ['5/16', 5 / 16],
  ['11/32', 11 / 32],
  ['3/8', 3 / 8],
  ['7/16', 7 / 16],
  ['1/2', 1 / 2],
  ['9/16', 9 / 16],
  ['5/8', 5 / 8],
  ['11/16', 11 / 16],
  ['3/4', 3 / 4],
  ['13/16', 13 / 16],
  ['7/8', 7 / 8],
  ['15/16', 15 / 16],
  ['1', 1],
] as const;
const MM_PER_INCH = 25.4;

/** A spanner so much wider still holds a small hexagon, mm; more rounds it. A tenth narrower still goes on: a hexagon's size is its greatest width, made ones are a little less (ISO 4759-1). */
const WIDER = 0.2;
const NARROWER = 0.1;

/** Width across flats of what is written: `10`, `10 mm`, `3/8 in`, `3/8"`. Null for anything else. */
function widthOf(size: string): number | null {
  const inch = /^(\d+)(?:\/(\d+))?\s*(?:in|″|")$/u.exec(size.trim());
  if (inch) return (MM_PER_INCH * Number(inch[1])) / Number(inch[2] ?? 1);
  const metric = /^(\d+(?:[.,]\d+)?)\s*(?:mm)?$/u.exec(size.trim());
  return metric ? Number((metric[1] ?? '').replace(',', '.')) : null;
}

/**
 * Which other spanner fits a size, where the right one is missing: from inch to metric and back.
 * @param size as written on the fastener's card. @returns such as `5/16 in`; none where every other one is loose or does not go on.
 * @example otherSpanners('8 mm') // => ["5/16 in"]
 */
export function otherSpanners(size: string): readonly string[] {
  const width = widthOf(size);
  if (width === null || !(width > 0)) return [];
  const fits = (spanner: number): boolean => spanner - width <= WIDER && width - spanner <= NARROWER;
  const isInch = /in|″|"/u.test(size);
  return isInch
    ? METRIC.filter(fits).map((spanner) => `${spanner} mm`)
    : INCH.filter(([, inches]) => fits(MM_PER_INCH * inches)).map(([name]) => texts.inch(name));
}
