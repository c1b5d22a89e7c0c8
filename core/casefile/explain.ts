import { boolean, mixed, number, string, ValidationError, type Schema } from 'yup';
import { allowedBeside, MOST_KEYS, type Misfit } from './misfits';
import { pointer, type Problem } from './problem';
import type { RecordShape, Shape } from './shapes';
import { texts } from '#words/core/casefile';

/** Lists a few of the words that would be right. */
function wordsThatFit(words: readonly string[]): string {
  const shown = words.slice(0, 16).join(', ');
  return words.length > 16 ? `${shown}, …` : shown;
}

function ruleForText(shape: Extract<Shape, { is: 'text' }>): Schema {
  let rule = string().strict().typeError(texts.mustBeText).nonNullable(texts.mustBeText);
  if (shape.max !== undefined) rule = rule.max(shape.max, texts.isLongerThanCharacters(shape.max));
  const { pattern } = shape;
  if (pattern)
    rule = rule.test('pattern', texts.mustLookLike(shape.example ?? String(pattern)), (value) =>
      pattern.test(value ?? ''),
    );
  return rule;
}

function ruleForNumber(shape: Extract<Shape, { is: 'number' }>): Schema {
  let rule = number().strict().typeError(texts.mustBeANumber).nonNullable(texts.mustBeANumber);
  rule = rule.test('finite', texts.mustBeAFinite, (value) => Number.isFinite(value));
  if (shape.min !== undefined) rule = rule.min(shape.min, texts.mustBeAtLeast(shape.min));
  if (shape.max !== undefined) rule = rule.max(shape.max, texts.mustBeAtMost(shape.max));
  if (shape.above !== undefined) rule = rule.moreThan(shape.above, texts.mustBeAbove(shape.above));
  return rule;
}

function described(shape: Shape): string {
  if (shape.is === 'constant') return JSON.stringify(shape.value);
  if (shape.is === 'word') return texts.oneOf(wordsThatFit(shape.of));
  if (shape.is === 'nothing') return 'null';
  return texts.shapes[shape.is];
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
      return boolean().strict().typeError(texts.mustBeTrueOr).nonNullable(texts.mustBeTrueOr);
    case 'constant':
      return only(texts.mustBe(JSON.stringify(shape.value)), (value) => value === shape.value, 'constant');
    case 'word': {
      const message = texts.mustBeOneOf(wordsThatFit(shape.of));
      return string()
        .strict()
        .typeError(message)
        .nonNullable(message)
        .oneOf([...shape.of], message);
    }
    case 'either':
      return only(texts.mustBeWhat(shape.of.map(described).join(texts.or)), () => false, 'either');
    default:
      return only(texts.mustBeDescribed(described(shape)), () => false, shape.is);
  }
}

function explainValue({ shape, value }: Misfit): Omit<Problem, 'path'> {
  try {
    ruleFor(shape).validateSync(value, { strict: true });
  } catch (error) {
    if (error instanceof ValidationError) return { code: error.type ?? 'invalid', message: error.message };
    throw error;
  }
  return { code: 'invalid', message: texts.mustBeDescribed(described(shape)) };
}

function explainPair({ shape, value }: Misfit): Omit<Problem, 'path'> {
  const record = value as Readonly<Record<string, unknown>>;
  const first = (shape as RecordShape).pairs?.first ?? '';
  const allowed = allowedBeside(shape as RecordShape, record) ?? [];
  return {
    code: 'pair',
    message: texts.doesNotFitOne(first, String(record[first]), wordsThatFit(allowed)),
  };
}

function explainKey({ shape }: Misfit): Omit<Problem, 'path'> {
  const keys = shape.is === 'map' ? (shape.keys ?? []) : [];
  return { code: 'unknown-key', message: texts.isNoKeyHere(wordsThatFit(keys)) };
}

function explainKind({ shape, value }: Misfit): Omit<Problem, 'path'> {
  const kinds = wordsThatFit(shape.is === 'variants' ? Object.keys(shape.of) : []);
  return value === undefined
    ? { code: 'missing', message: texts.isMissingOneOf(kinds) }
    : { code: 'oneOf', message: texts.mustBeOneKindOf(kinds) };
}

function explainCount({ shape, wrong }: Misfit): Omit<Problem, 'path'> {
  if (shape.is !== 'list') return { code: 'max', message: texts.hasMoreThanKeys(MOST_KEYS) };
  return wrong === 'few'
    ? { code: 'min', message: texts.mustHoldAtLeast(shape.min ?? 0) }
    : { code: 'max', message: texts.holdsMoreThanEntries(shape.max ?? 0) };
}

function explained(misfit: Misfit): Omit<Problem, 'path'> {
  switch (misfit.wrong) {
    case 'missing':
      return misfit.shape.is === 'word' || misfit.shape.is === 'constant'
        ? { code: 'missing', message: texts.isMissingMustBe(described(misfit.shape)) }
        : { code: 'missing', message: texts.isMissing };
    case 'value':
      return explainValue(misfit);
    case 'not-a-list':
      return { code: 'typeError', message: texts.mustBeAList };
    case 'not-a-record':
      return { code: 'typeError', message: texts.mustBeARecord };
    case 'few':
    case 'many':
      return explainCount(misfit);
    case 'twice':
      return { code: 'unique', message: texts.mustNotNameAnything };
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
