import { array, boolean, lazy, mixed, number, object, string, type AnyObject, type ISchema } from 'yup';
import type { RecordShape, Shape, WordPairs } from './shapes';

type Rule = ISchema<unknown, AnyObject>;

/** Lists a few of the words that would be right. */
function wordsThatFit(words: readonly string[]): string {
  const shown = words.slice(0, 16).join(', ');
  return words.length > 16 ? `${shown}, …` : shown;
}

function ruleForText(shape: Extract<Shape, { is: 'text' }>): Rule {
  let rule = string().strict().typeError('must be text').defined('is missing');
  if (shape.max !== undefined) rule = rule.max(shape.max, `is longer than ${shape.max} characters`);
  const { pattern } = shape;
  if (pattern)
    rule = rule.test('pattern', `must look like ${shape.example ?? String(pattern)}`, (value) => pattern.test(value));
  return rule;
}

function ruleForNumber(shape: Extract<Shape, { is: 'number' }>): Rule {
  let rule = number().strict().typeError('must be a number').defined('is missing');
  rule = rule.test('finite', 'must be a finite number', (value) => Number.isFinite(value));
  if (shape.min !== undefined) rule = rule.min(shape.min, `must be at least ${shape.min}`);
  if (shape.max !== undefined) rule = rule.max(shape.max, `must be at most ${shape.max}`);
  if (shape.above !== undefined) rule = rule.moreThan(shape.above, `must be above ${shape.above}`);
  return rule;
}

function ruleForList(shape: Extract<Shape, { is: 'list' }>): Rule {
  let rule = array().strict().typeError('must be a list').defined('is missing').of(toYup(shape.of));
  if (shape.min !== undefined) rule = rule.min(shape.min, `must hold at least ${shape.min}`);
  if (shape.max !== undefined) rule = rule.max(shape.max, `holds more than ${shape.max} entries`);
  if (shape.unique)
    rule = rule.test('unique', 'must not name anything twice', (value) => new Set(value).size === value.length);
  return rule;
}

function withPairs(rule: Rule, pairs: WordPairs): Rule {
  return (rule as unknown as ReturnType<typeof object>).test('pair', function check(value: AnyObject) {
    const fits = pairs.allowed[String(value[pairs.first])];
    if (!fits || fits.includes(String(value[pairs.second]))) return true;
    const path = this.path ? `${this.path}.${pairs.second}` : pairs.second;
    const message = `does not fit ${pairs.first} "${String(value[pairs.first])}"; one of: ${wordsThatFit(fits)}`;
    return this.createError({ path, message });
  }) as unknown as Rule;
}

function ruleForRecord(shape: RecordShape, tag?: string): Rule {
  const fields: Record<string, Rule> = {};
  for (const [key, field] of Object.entries(shape.needs)) fields[key] = toYup(field);
  for (const [key, field] of Object.entries(shape.may)) fields[key] = optional(field);
  if (tag) fields[tag] = string().strict();
  const rule = object(fields as AnyObject)
    .strict()
    .typeError('must be a record')
    .default(undefined)
    .defined('is missing')
    .nonNullable('must be a record');
  const plain = rule as unknown as Rule;
  return shape.pairs ? withPairs(plain, shape.pairs) : plain;
}

function ruleForVariants(shape: Extract<Shape, { is: 'variants' }>): Rule {
  const rules = new Map(Object.entries(shape.of).map(([name, record]) => [name, ruleForRecord(record, shape.tag)]));
  const fits = wordsThatFit([...rules.keys()]);
  const unknown = object({
    [shape.tag]: string()
      .strict()
      .typeError(`must be one of: ${fits}`)
      .required(`is missing; one of: ${fits}`)
      .oneOf([...rules.keys()], `must be one of: ${fits}`),
  })
    .strict()
    .typeError('must be a record')
    .default(undefined)
    .defined('is missing');
  return lazy((value: unknown) => {
    const name: unknown = value && typeof value === 'object' ? (value as AnyObject)[shape.tag] : undefined;
    return (rules.get(String(name)) ?? unknown) as typeof unknown;
  });
}

function ruleForMap(shape: Extract<Shape, { is: 'map' }>): Rule {
  const { keys } = shape;
  return lazy((value: unknown) => {
    const own = value && typeof value === 'object' && !Array.isArray(value) ? Object.keys(value) : [];
    const fields = Object.fromEntries(
      own.map((key) => [key, keys && !keys.includes(key) ? unknownKey(keys) : toYup(shape.of)]),
    );
    return object(fields).strict().typeError('must be a record').default(undefined).defined('is missing');
  });
}

function unknownKey(keys: readonly string[]): Rule {
  return mixed().test('unknown-key', `is no key here; one of: ${wordsThatFit(keys)}`, () => false);
}

/** The first alternative that takes the value, else the complaint of the first. */
function ruleForEither(shape: Extract<Shape, { is: 'either' }>): Rule {
  const rules = shape.of.map((shape) => toYup(shape));
  const wanted = shape.of.map(describe).join(' or ');
  return mixed()
    .defined('is missing')
    .nullable()
    .test('either', `must be ${wanted}`, (value) => rules.some((rule) => accepts(rule, value))) as Rule;
}

function accepts(rule: Rule, value: unknown): boolean {
  return (rule as unknown as { isValidSync(value: unknown): boolean }).isValidSync(value);
}

function describe(shape: Shape): string {
  switch (shape.is) {
    case 'constant':
      return JSON.stringify(shape.value);
    case 'word':
      return `one of ${wordsThatFit(shape.of)}`;
    case 'nothing':
      return 'null';
    case 'flag':
      return 'true or false';
    default:
      return `a ${shape.is}`;
  }
}

function optional(shape: Shape): Rule {
  if (shape.is === 'anything') return mixed().nullable() as Rule;
  const rule = toYup(shape);
  return lazy((value: unknown) => (value === undefined ? mixed().notRequired() : (rule as never)));
}

/**
 * The Yup rule of a shape. It never converts: `"1"` is no number.
 * @param shape what the value must look like.
 * @returns a rule whose messages say what is wrong and what would be right; unknown keys pass.
 */
export function toYup(shape: Shape): Rule {
  switch (shape.is) {
    case 'text':
      return ruleForText(shape);
    case 'number':
      return ruleForNumber(shape);
    case 'flag':
      return boolean().strict().typeError('must be true or false').defined('is missing');
    case 'anything':
      return mixed().nullable() as Rule;
    case 'nothing':
      return mixed()
        .nullable()
        .test('null', 'must be null', (value) => value === null) as Rule;
    case 'constant': {
      const message = `must be ${JSON.stringify(shape.value)}`;
      return mixed()
        .required(`is missing; ${message}`)
        .test('constant', message, (value) => value === shape.value);
    }
    case 'word': {
      const message = `must be one of: ${wordsThatFit(shape.of)}`;
      return string()
        .strict()
        .typeError(message)
        .defined(`is missing; ${message}`)
        .oneOf([...shape.of], message);
    }
    case 'list':
      return ruleForList(shape);
    case 'map':
      return ruleForMap(shape);
    case 'record':
      return ruleForRecord(shape);
    case 'either':
      return ruleForEither(shape);
    case 'variants':
      return ruleForVariants(shape);
    default:
      return shape satisfies never;
  }
}
