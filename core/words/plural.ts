/** A text in the forms that a language's plural has (CLDR): English needs `one` and `other`; `#` is the number. */
export type PluralForms = { readonly other: string } & Partial<Readonly<Record<Intl.LDMLPluralRule, string>>>;

/**
 * Makes the plural of a language.
 * @param language BCP 47 tag, such as `en`.
 * @returns a function that chooses the form for a count and puts the count, written as that language does, in place of `#`.
 * @example pluralOf('en')(1, { one: '# code', other: '# codes' }) // => "1 code"
 * @example pluralOf('en')(1200, { one: '# code', other: '# codes' }) // => "1,200 codes"
 */
export function pluralOf(language: string): (count: number, forms: PluralForms) => string {
  const rules = new Intl.PluralRules(language);
  const figures = new Intl.NumberFormat(language);
  return (count, forms) => (forms[rules.select(count)] ?? forms.other).replace('#', figures.format(count));
}
