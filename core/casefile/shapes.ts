/** A small language to say what a record looks like. The Yup validator, the JSON Schema and the types all come from it. */

export type Fields = Readonly<Record<string, Shape>>;

/** For a record whose second word must fit its first: `look` part and finding, `meter` point and quantity. */
export interface WordPairs {
  readonly first: string;
  readonly second: string;
  readonly allowed: Readonly<Record<string, readonly string[]>>;
}

export type Shape =
  | { readonly is: 'text'; readonly pattern?: RegExp; readonly example?: string; readonly max?: number }
  | { readonly is: 'number'; readonly min?: number; readonly max?: number; readonly above?: number }
  | { readonly is: 'flag' }
  | { readonly is: 'anything' }
  | { readonly is: 'nothing' }
  | { readonly is: 'constant'; readonly value: string | number }
  | { readonly is: 'word'; readonly of: readonly string[] }
  | { readonly is: 'list'; readonly of: Shape; readonly min?: number; readonly max?: number; readonly unique?: boolean }
  | { readonly is: 'map'; readonly of: Shape; readonly keys?: readonly string[] }
  | { readonly is: 'record'; readonly needs: Fields; readonly may: Fields; readonly pairs?: WordPairs }
  | { readonly is: 'either'; readonly of: readonly Shape[] }
  | { readonly is: 'variants'; readonly tag: string; readonly of: Readonly<Record<string, RecordShape>> };

export type RecordShape = Extract<Shape, { is: 'record' }>;

type Simplify<T> = { readonly [K in keyof T]: T[K] };

/** The TypeScript type of the values that a shape admits. */
export type Infer<S> = S extends { is: 'text' }
  ? string
  : S extends { is: 'number' }
    ? number
    : S extends { is: 'flag' }
      ? boolean
      : S extends { is: 'nothing' }
        ? null
        : S extends { is: 'constant'; value: infer V }
          ? V
          : S extends { is: 'word'; of: readonly (infer W)[] }
            ? W
            : S extends { is: 'list'; of: infer I }
              ? readonly Infer<I>[]
              : S extends { is: 'map'; keys: readonly (infer K extends string)[]; of: infer I }
                ? Readonly<Partial<Record<K, Infer<I>>>>
                : S extends { is: 'map'; of: infer I }
                  ? Readonly<Record<string, Infer<I>>>
                  : S extends { is: 'record'; needs: infer N; may: infer M }
                    ? Simplify<
                        { readonly [K in keyof N]: Infer<N[K]> } & { readonly [K in keyof M]?: Infer<M[K]> | undefined }
                      >
                    : S extends { is: 'either'; of: readonly (infer O)[] }
                      ? Infer<O>
                      : S extends { is: 'variants'; tag: infer T extends string; of: infer K }
                        ? { [N in keyof K]: Simplify<{ readonly [P in T]: N } & Infer<K[N]>> }[keyof K]
                        : unknown;
