import type { Shape, RecordShape } from './shapes';

export type Steps = readonly (string | number)[];

/** What is wrong at a place: its own value, or how it holds others. */
export type Wrong =
  'missing' | 'value' | 'not-a-list' | 'not-a-record' | 'few' | 'many' | 'twice' | 'key' | 'kind' | 'pair';

/** A place that does not look as its shape says. */
export interface Misfit {
  readonly steps: Steps;
  readonly wrong: Wrong;
  readonly shape: Shape;
  readonly value: unknown;
}

/** A map with more keys than this was not written by a person. */
export const MOST_KEYS = 2000;

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function isText(shape: Extract<Shape, { is: 'text' }>, value: unknown): boolean {
  return typeof value === 'string' && value.length <= (shape.max ?? Infinity) && (shape.pattern?.test(value) ?? true);
}

function isNumber({ min, max, above }: Extract<Shape, { is: 'number' }>, value: unknown): boolean {
  if (typeof value !== 'number' || !Number.isFinite(value)) return false;
  return value >= (min ?? -Infinity) && value <= (max ?? Infinity) && value > (above ?? -Infinity);
}

/** Goes through a value along its shape and stops once enough was found. */
class Walk {
  readonly found: Misfit[] = [];
  constructor(private readonly most: number) {}

  get isOver(): boolean {
    return this.found.length >= this.most;
  }

  private say(steps: Steps, wrong: Wrong, shape: Shape, value: unknown): void {
    if (!this.isOver) this.found.push({ steps, wrong, shape, value });
  }

  at(shape: Shape, value: unknown, steps: Steps): void {
    if (this.isOver || shape.is === 'anything') return;
    if (value === undefined) return this.say(steps, 'missing', shape, value);
    if (shape.is === 'list') this.list(shape, value, steps);
    else if (shape.is === 'map') this.map(shape, value, steps);
    else if (shape.is === 'record') this.record(shape, value, steps);
    else if (shape.is === 'variants') this.variants(shape, value, steps);
    else if (!isLeafRight(shape, value)) this.say(steps, 'value', shape, value);
  }

  /** Its length is looked at before its entries. */
  private list(shape: Extract<Shape, { is: 'list' }>, value: unknown, steps: Steps): void {
    if (!Array.isArray(value)) return this.say(steps, 'not-a-list', shape, value);
    if (value.length < (shape.min ?? 0)) return this.say(steps, 'few', shape, value);
    if (value.length > (shape.max ?? Infinity)) return this.say(steps, 'many', shape, value);
    if (shape.unique && new Set(value).size < value.length) this.say(steps, 'twice', shape, value);
    for (let index = 0; index < value.length && !this.isOver; index += 1)
      this.at(shape.of, value[index], [...steps, index]);
  }

  private map(shape: Extract<Shape, { is: 'map' }>, value: unknown, steps: Steps): void {
    if (!isRecord(value)) return this.say(steps, 'not-a-record', shape, value);
    const keys = Object.keys(value);
    if (keys.length > MOST_KEYS) return this.say(steps, 'many', shape, value);
    for (const key of keys) {
      if (this.isOver) return;
      if (shape.keys && !shape.keys.includes(key)) this.say([...steps, key], 'key', shape, value[key]);
      else this.at(shape.of, value[key], [...steps, key]);
    }
  }

  private record(shape: RecordShape, value: unknown, steps: Steps): void {
    if (!isRecord(value)) return this.say(steps, 'not-a-record', shape, value);
    for (const key of Object.keys(shape.needs)) this.at(shape.needs[key] as Shape, value[key], [...steps, key]);
    for (const key of Object.keys(shape.may))
      if (value[key] !== undefined) this.at(shape.may[key] as Shape, value[key], [...steps, key]);
    const { pairs } = shape;
    const allowed = pairs && allowedBeside(shape, value);
    if (pairs && allowed && !allowed.includes(String(value[pairs.second])))
      this.say([...steps, pairs.second], 'pair', shape, value);
  }

  private variants(shape: Extract<Shape, { is: 'variants' }>, value: unknown, steps: Steps): void {
    if (!isRecord(value)) return this.say(steps, 'not-a-record', shape, value);
    const name = value[shape.tag];
    if (typeof name !== 'string' || !Object.hasOwn(shape.of, name))
      return this.say([...steps, shape.tag], 'kind', shape, name);
    this.record(shape.of[name] as RecordShape, value, steps);
  }
}

function isLeafRight(shape: Shape, value: unknown): boolean {
  switch (shape.is) {
    case 'text':
      return isText(shape, value);
    case 'number':
      return isNumber(shape, value);
    case 'flag':
      return typeof value === 'boolean';
    case 'nothing':
      return value === null;
    case 'constant':
      return value === shape.value;
    case 'word':
      return typeof value === 'string' && shape.of.includes(value);
    case 'either':
      return shape.of.some((choice) => fits(choice, value));
    default:
      return true;
  }
}

/**
 * The second words that fit a record's first one.
 * @param shape a record with pairs of words. @param value such a record.
 * @returns null when the first word is none of those with a say.
 * @example allowedBeside({ is: 'record', needs: {}, may: {}, pairs: { first: 'a', second: 'b', allowed: { x: ['y'] } } }, { a: 'x' }) // => ["y"]
 */
export function allowedBeside(
  { pairs }: RecordShape,
  value: Readonly<Record<string, unknown>>,
): readonly string[] | null {
  const first = pairs ? String(value[pairs.first]) : '';
  return pairs && Object.hasOwn(pairs.allowed, first) ? (pairs.allowed[first] ?? null) : null;
}

/**
 * Where a value does not look as its shape says. Lists and maps that are too long are not gone into.
 * @param shape what it should look like. @param value anything; never changed. @param most it stops after so many.
 * @returns the places in the order of the shape, none when all is well.
 * @example misfits({ is: 'list', of: { is: 'flag' } }, [true, 1])[0].steps // => [1]
 */
export function misfits(shape: Shape, value: unknown, most = 20): Misfit[] {
  const walk = new Walk(most);
  walk.at(shape, value, []);
  return walk.found;
}

/**
 * Whether a value looks as its shape says.
 * @param shape what it should look like. @param value anything.
 * @returns true when it does.
 * @example fits({ is: 'word', of: ['left', 'right'] }, 'middle') // => false
 */
export function fits(shape: Shape, value: unknown): boolean {
  return misfits(shape, value, 1).length === 0;
}
