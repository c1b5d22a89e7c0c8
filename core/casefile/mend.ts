import { misfits, type Misfit, type Steps } from './misfits';
import type { Shape } from './shapes';

/** A value without what did not fit. */
export interface Mended {
  readonly value: unknown;
  /** The places that were left out. */
  readonly leftOut: readonly Steps[];
}

/** What is wrong in more places than this is not worth mending. */
const MOST_PLACES = 500;

const copyOf = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/** The shape one step further in. */
function shapeWithin(
  shape: Shape,
  value: unknown,
  step: string | number,
): { readonly shape: Shape; readonly isOptional: boolean } | null {
  if (shape.is === 'list') return { shape: shape.of, isOptional: true };
  if (shape.is === 'map') return { shape: shape.of, isOptional: true };
  const record =
    shape.is === 'variants' ? shape.of[String((value as Record<string, unknown> | null)?.[shape.tag])] : shape;
  if (record?.is !== 'record') return null;
  const key = String(step);
  const needed = record.needs[key];
  if (needed) return { shape: needed, isOptional: false };
  const may = record.may[key];
  return may ? { shape: may, isOptional: true } : null;
}

/** The innermost place around a misfit that may be missing: a list's entry, a map's key, an optional key. */
function placeToLeaveOut(whole: Shape, value: unknown, { steps }: Misfit): Steps | null {
  let [shape, here, last]: [Shape, unknown, Steps | null] = [whole, value, null];
  for (const [depth, step] of steps.entries()) {
    const within = shapeWithin(shape, here, step);
    if (!within) break;
    if (within.isOptional) last = steps.slice(0, depth + 1);
    shape = within.shape;
    here = (here as Record<string | number, unknown> | null)?.[step];
  }
  return last;
}

function leaveOut(value: unknown, steps: Steps): void {
  let here = value as Record<string | number, unknown>;
  for (const step of steps.slice(0, -1)) here = here[step] as Record<string | number, unknown>;
  const last = steps.at(-1) ?? '';
  if (Array.isArray(here)) here.splice(Number(last), 1);
  else delete here[last];
}

/**
 * A value without the parts that do not look as they should, each left out with the smallest part around it that may be missing.
 * @param shape what it should look like. @param value anything; never changed.
 * @returns null when what is wrong cannot be left out.
 * @example mended({ is: 'list', of: { is: 'flag' } }, [true, 1, false]).value // => [true, false]
 */
export function mended(shape: Shape, value: unknown): Mended | null {
  if (typeof value !== 'object' || value === null) return null;
  const copy = copyOf(value);
  const leftOut: Steps[] = [];
  for (;;) {
    const [misfit] = misfits(shape, copy, 1);
    if (!misfit) return { value: copy, leftOut };
    const place = placeToLeaveOut(shape, copy, misfit);
    if (!place || leftOut.length >= MOST_PLACES) return null;
    leaveOut(copy, place);
    leftOut.push(place);
  }
}
