import { boolean, mixed, number, string, ValidationError, type Schema } from 'yup';
import { allowedBeside, MOST_KEYS, type Misfit } from './misfits';
import { pointer, type Problem } from './problem';
import type { RecordShape, Shape } from './shapes';

/** Lists a few of the words that would be right. */
function wordsThatFit(words: readonly string[]): string {
  const shown = words.slice(0, 16).join(', ');
  return words.length > 16 ? `${shown}, …` : shown;
}

function ruleForText(shape: Extract<Shape, { is: 'text' }>): Schema {
  let rule = string().strict().typeError('must be text').nonNullable('must be text');
  if (shape.max !== undefined) rule = rule.max(shape.max, `is longer than ${shape.max} characters`);
  const { pattern } = shape;
  if (pattern)
    rule = rule.test('pattern', `must look like ${shape.example ?? String(pattern)}`, (value) =>
      pattern.test(value ?? ''),
    );
  return rule;
}

function ruleForNumber(shape: Extract<Shape, { is: 'number' }>): Schema {
  let rule = number().strict().typeError('must be a number').nonNullable('must be a number');
  rule = rule.test('finite', 'must be a finite number', (value) => Number.isFinite(value));
  if (shape.min !== undefined) rule = rule.min(shape.min, `must be at least ${shape.min}`);
  if (shape.max !== undefined) rule = rule.max(shape.max, `must be at most ${shape.max}`);
  if (shape.above !== undefined) rule = rule.moreThan(shape.above, `must be above ${shape.above}`);
  return rule;
}

function described(shape: Shape): string {
  if (shape.is === 'constant') return JSON.stringify(shape.value);
  if (shape.is === 'word') return `one of ${wordsThatFit(shape.of)}`;
  if (shape.is === 'nothing') return 'null';
  return shape.is === 'flag' ? 'true or false' : `a ${shape.is}`;
}

const only = (message: string, isRight: (value: unknown) => boolean, name: string): Schema =>
  mixed().nullable().test(name, message, isRight);

/** The Yup rule of one value that holds no others. It never converts: `"1"` is no number. */
function ruleFor(shape: Shape): Schema {
  switch (shape.is) {
    case 'text':
      return ruleForText(shape);
    case 'number':
      return ruleForNumber(shape);
    case 'flag':
      return boolean().strict().typeError('must be true or false').nonNullable('must be true or false');
    case 'constant':
      return only(`must be ${JSON.stringify(shape.value)}`, (value) => value === shape.value, 'constant');
    case 'word': {
      const message = `must be one of: ${wordsThatFit(shape.of)}`;
      return string()
        .strict()
        .typeError(message)
        .nonNullable(message)
        .oneOf([...shape.of], message);
    }
    case 'either':
      return only(`must be ${shape.of.map(described).join(' or ')}`, () => false, 'either');
    default:
      return only(`must be ${described(shape)}`, () => false, shape.is);
  }
}

function explainValue({ shape, value }: Misfit): Omit<Problem, 'path'> {
  try {
    ruleFor(shape).validateSync(value, { strict: true });
  } catch (error) {
    if (error instanceof ValidationError) return { code: error.type ?? 'invalid', message: error.message };
    throw error;
  }
  return { code: 'invalid', message: `must be ${described(shape)}` };
}

function explainPair({ shape, value }: Misfit): Omit<Problem, 'path'> {
  const record = value as Readonly<Record<string, unknown>>;
  const first = (shape as RecordShape).pairs?.first ?? '';
  const allowed = allowedBeside(shape as RecordShape, record) ?? [];
  return {
    code: 'pair',
    message: `does not fit ${first} "${String(record[first])}"; one of: ${wordsThatFit(allowed)}`,
  };
}

function explainKey({ shape }: Misfit): Omit<Problem, 'path'> {
  const keys = shape.is === 'map' ? (shape.keys ?? []) : [];
  return { code: 'unknown-key', message: `is no key here; one of: ${wordsThatFit(keys)}` };
}

function explainKind({ shape, value }: Misfit): Omit<Problem, 'path'> {
  const kinds = wordsThatFit(shape.is === 'variants' ? Object.keys(shape.of) : []);
  return value === undefined
    ? { code: 'missing', message: `is missing; one of: ${kinds}` }
    : { code: 'oneOf', message: `must be one of: ${kinds}` };
}

function explainCount({ shape, wrong }: Misfit): Omit<Problem, 'path'> {
  if (shape.is !== 'list') return { code: 'max', message: `has more than ${MOST_KEYS} keys` };
  return wrong === 'few'
    ? { code: 'min', message: `must hold at least ${shape.min}` }
    : { code: 'max', message: `holds more than ${shape.max} entries` };
}

function explained(misfit: Misfit): Omit<Problem, 'path'> {
  switch (misfit.wrong) {
    case 'missing':
      return misfit.shape.is === 'word' || misfit.shape.is === 'constant'
        ? { code: 'missing', message: `is missing; must be ${described(misfit.shape)}` }
        : { code: 'missing', message: 'is missing' };
    case 'value':
      return explainValue(misfit);
    case 'not-a-list':
      return { code: 'typeError', message: 'must be a list' };
    case 'not-a-record':
      return { code: 'typeError', message: 'must be a record' };
    case 'few':
    case 'many':
      return explainCount(misfit);
    case 'twice':
      return { code: 'unique', message: 'must not name anything twice' };
    case 'key':
      return explainKey(misfit);
    case 'kind':
      return explainKind(misfit);
    case 'pair':
      return explainPair(misfit);
    default:
      return misfit.wrong satisfies never;
  }
}

/**
 * Says what is wrong at a place and what would be right.
 * @param misfit a place that does not look as it should.
 * @returns the problem with its JSON pointer.
 * @example explain({ steps: ['a'], wrong: 'missing', shape: { is: 'flag' }, value: undefined }) // => {"path":"/a","code":"missing","message":"is missing"}
 */
export function explain(misfit: Misfit): Problem {
  return { path: pointer(misfit.steps), ...explained(misfit) };
}
