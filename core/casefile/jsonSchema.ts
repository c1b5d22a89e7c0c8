import { texts } from '#words/core/casefile';
import { CASE_FILE } from './contract';
import type { RecordShape, Shape } from './shapes';

type Schema = Readonly<Record<string, unknown>>;

function fieldsOf(shape: RecordShape): Record<string, Schema> {
  const fields = { ...shape.needs, ...shape.may };
  return Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, toJsonSchema(field)]));
}

function recordSchema(shape: RecordShape, tag?: readonly [string, string]): Schema {
  const properties = { ...(tag ? { [tag[0]]: { const: tag[1] } } : {}), ...fieldsOf(shape) };
  const required = [...(tag ? [tag[0]] : []), ...Object.keys(shape.needs)];
  const { pairs } = shape;
  const allOf = pairs
    ? Object.entries(pairs.allowed).map(([first, fits]) => ({
        if: { properties: { [pairs.first]: { const: first } }, required: [pairs.first] },
        then: { properties: { [pairs.second]: { enum: fits } } },
      }))
    : undefined;
  return { type: 'object', properties, required, ...(allOf ? { allOf } : {}) };
}

/** JSON Schema's `pattern` knows no flags, so the bare source goes in. */
function textSchema(shape: Extract<Shape, { is: 'text' }>): Schema {
  return {
    type: 'string',
    ...(shape.max === undefined ? {} : { maxLength: shape.max }),
    ...(shape.pattern ? { pattern: shape.pattern.source } : {}),
  };
}

function numberSchema(shape: Extract<Shape, { is: 'number' }>): Schema {
  return {
    type: 'number',
    ...(shape.min === undefined ? {} : { minimum: shape.min }),
    ...(shape.max === undefined ? {} : { maximum: shape.max }),
    ...(shape.above === undefined ? {} : { exclusiveMinimum: shape.above }),
  };
}

function listSchema(shape: Extract<Shape, { is: 'list' }>): Schema {
  return {
    type: 'array',
    items: toJsonSchema(shape.of),
    ...(shape.min === undefined ? {} : { minItems: shape.min }),
    ...(shape.max === undefined ? {} : { maxItems: shape.max }),
    ...(shape.unique ? { uniqueItems: true } : {}),
  };
}

/**
 * The JSON Schema (draft 2020-12) of a shape.
 * @param shape what the value must look like.
 * @returns a plain schema object; unknown keys are allowed, as the contract says.
 * @example toJsonSchema({ is: 'flag' }) // => { type: "boolean" }
 */
export function toJsonSchema(shape: Shape): Schema {
  switch (shape.is) {
    case 'text':
      return textSchema(shape);
    case 'number':
      return numberSchema(shape);
    case 'flag':
      return { type: 'boolean' };
    case 'anything':
      return {};
    case 'nothing':
      return { type: 'null' };
    case 'constant':
      return { const: shape.value };
    case 'word':
      return { enum: shape.of };
    case 'list':
      return listSchema(shape);
    case 'map':
      return {
        type: 'object',
        additionalProperties: toJsonSchema(shape.of),
        ...(shape.keys ? { propertyNames: { enum: shape.keys } } : {}),
      };
    case 'record':
      return recordSchema(shape);
    case 'either':
      return { anyOf: shape.of.map(toJsonSchema) };
    case 'variants':
      return { oneOf: Object.entries(shape.of).map(([name, entry]) => recordSchema(entry, [shape.tag, name])) };
    default:
      return shape satisfies never;
  }
}

/**
 * The schema that is published under `docs/schema/`.
 * @returns the whole contract as JSON Schema, draft 2020-12. Rules between places (unique ids, `after` that exists) are the validator's alone.
 * @example caseFileJsonSchema().type // => "object"
 */
export function caseFileJsonSchema(): Schema {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: texts.schemaTitle,
    description: texts.schemaDescription,
    ...toJsonSchema(CASE_FILE),
  };
}
