/** A text in the forms that a language's plural has (CLDR): English needs `one` and `other`; `#` is the number. */
export type PluralForms = { readonly other: string } & Partial<Readonly<Record<Intl.LDMLPluralRule, string>>>;

/**
 * Makes the plural of a language.
 * @param language BCP 47 tag, such as `en`. @param formOf the language's own rule, where it is short: asking the browser for it takes 50 ms of the first view.
 * @returns a function that chooses the form for a count and puts the count, written as that language does, in place of `#`.
 * @example pluralOf('en')(1, { one: '# code', other: '# codes' }) // => "1 code"
 * @example pluralOf('en')(1200, { one: '# code', other: '# codes' }) // => "1,200 codes"
 */
export function pluralOf(
  language: string,
  formOf?: (count: number) => Intl.LDMLPluralRule,
): (count: number, forms: PluralForms) => string {
  let [rules, figures]: [Intl.PluralRules | null, Intl.NumberFormat | null] = [null, null];
  const form = formOf ?? ((count: number) => (rules ??= new Intl.PluralRules(language)).select(count));
  const figure = (count: number): string =>
    isPlain(count) ? String(count) : (figures ??= new Intl.NumberFormat(language)).format(count);
  return (count, forms) => (forms[form(count)] ?? forms.other).replace('#', figure(count));
}

/** Small whole numbers are written alike in every language that writes with these digits. */
const isPlain = (count: number): boolean => Number.isInteger(count) && count >= 0 && count < 1000;
