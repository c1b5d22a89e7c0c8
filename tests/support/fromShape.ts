import fc from 'fast-check';
import type { Fields, RecordShape, Shape } from '../../core/casefile/shapes';

/** Values that a shape of the contract admits, for property tests. Texts are short; `ids` gives ids their own numbers. */
export function fromShape(shape: Shape): fc.Arbitrary<unknown> {
  switch (shape.is) {
    case 'text':
      return shape.pattern
        ? fc.constant(shape.example === '64 hexadecimal digits' ? 'a'.repeat(64) : (shape.example ?? 'x'))
        : fc.string({ maxLength: 12 });
    case 'number':
      return fc.double({
        min: shape.above === undefined ? (shape.min ?? -50) : shape.above + 1e-6,
        max: shape.max ?? 5000,
        noNaN: true,
      });
    case 'flag':
      return fc.boolean();
    case 'anything':
      return fc.constantFrom<unknown>(null, 1, 'x', { a: [1] });
    case 'nothing':
      return fc.constant(null);
    case 'constant':
      return fc.constant(shape.value);
    case 'word':
      return fc.constantFrom(...shape.of);
    case 'list':
      return shape.unique
        ? fc.uniqueArray(fromShape(shape.of), { minLength: shape.min ?? 0, maxLength: 4 })
        : fc.array(fromShape(shape.of), { minLength: shape.min ?? 0, maxLength: 6 });
    case 'map':
      return fc.dictionary(
        shape.keys
          ? fc.constantFrom(...shape.keys)
          : fc
              .string({ minLength: 1, maxLength: 6 })
              .filter((key) => !['__proto__', 'constructor', 'prototype'].includes(key)),
        fromShape(shape.of),
        { maxKeys: 3, noNullPrototype: true },
      );
    case 'record':
      return record(shape);
    case 'either':
      return fc.oneof(...shape.of.map(fromShape));
    case 'variants':
      return fc.oneof(
        ...Object.entries(shape.of).map(([tag, entry]) =>
          record(entry).map((value) => ({ ...(value as object), [shape.tag]: tag })),
        ),
      );
    default:
      return shape satisfies never;
  }
}

function fields(shapes: Fields): Record<string, fc.Arbitrary<unknown>> {
  return Object.fromEntries(Object.entries(shapes).map(([key, shape]) => [key, fromShape(shape)]));
}

function record(shape: RecordShape): fc.Arbitrary<unknown> {
  const plain = fc.record(
    { ...fields(shape.needs), ...fields(shape.may) },
    { requiredKeys: Object.keys(shape.needs), noNullPrototype: true },
  );
  const { pairs } = shape;
  if (!pairs) return plain;
  return fc.tuple(plain, fc.nat()).map(([value, pick]) => {
    const fits = pairs.allowed[String((value as Record<string, unknown>)[pairs.first])] ?? [];
    return { ...(value as object), [pairs.second]: fits[pick % fits.length] };
  });
}
