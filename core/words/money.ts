import { language } from '#words/language';

/** The currency where the owner has named none. */
export const USUAL_CURRENCY = 'EUR';

const USUAL_DECIMALS = 2;

/**
 * How many decimals a currency has (ISO 4217): 2 for EUR, 0 for JPY, 3 for TND.
 * @param currency its code; any other word is taken to have two.
 * @returns 0 to 4.
 * @example decimalsOf('JPY') // => 0
 */
export function decimalsOf(currency: string): number {
  try {
    return (
      new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ??
      USUAL_DECIMALS
    );
  } catch {
    return USUAL_DECIMALS;
  }
}

/**
 * An amount without the crumbs that adding leaves: whole steps of the currency's smallest coin.
 * @param amount any sum. @param currency its code.
 * @returns the rounded amount.
 * @example roundMoney(155.79000000000002, 'EUR') // => 155.79
 */
export function roundMoney(amount: number, currency: string): number {
  const steps = 10 ** decimalsOf(currency);
  return Math.round(amount * steps) / steps;
}

/**
 * An amount for the eye, with its currency behind it and between them a space that does not break.
 * @param amount any sum. @param currency its code; none: the usual one. @param locale whose way of writing numbers.
 * @returns such as `31 EUR`, `38.50 EUR`, `1,200 JPY`: no decimals where there is nothing behind the point.
 * @example sayMoney(38.5, 'EUR').replace('\u00a0', ' ') // => "38.50 EUR"
 */
export function sayMoney(amount: number, currency = USUAL_CURRENCY, locale = language): string {
  const decimals = decimalsOf(currency);
  const rounded = roundMoney(amount, currency);
  const shown = new Intl.NumberFormat(locale, {
    minimumFractionDigits: Number.isInteger(rounded) ? 0 : decimals,
    maximumFractionDigits: decimals,
  }).format(Object.is(rounded, -0) ? 0 : rounded);
  return `${shown}\u00a0${currency}`;
}
