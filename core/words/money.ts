import { decimalSign, language } from '#words/language';

/** The currency where the owner has named none. */
export const USUAL_CURRENCY = 'EUR';

const USUAL_DECIMALS = 2;

/** Currencies that are paid with another number of decimals than two (ISO 4217; CLDR where smaller coins are gone); asking the browser takes 20 ms of the first view. */
const OTHER_DECIMALS: Readonly<Record<string, readonly string[]>> = {
  0: (
    'AFN ALL BIF CLP COP DJF GNF HUF IDR IQD IRR ISK JPY KMF KPW KRW LAK LBP MGA MMK PKR PYG ' +
    'RWF SLL SOS SYP UGX UYI VND VUV XAF XOF XPF YER'
  ).split(' '),
  3: 'BHD JOD KWD LYD OMR TND'.split(' '),
  4: 'CLF UYW'.split(' '),
};

/**
 * How many decimals a currency is paid with: 2 for EUR, 0 for JPY, 3 for TND.
 * @param currency its code; any other word is taken to have two.
 * @returns 0 to 4.
 * @example decimalsOf('JPY') // => 0
 */
export function decimalsOf(currency: string): number {
  const code = currency.toUpperCase();
  const [decimals] = Object.entries(OTHER_DECIMALS).find(([, codes]) => codes.includes(code)) ?? [USUAL_DECIMALS];
  return Number(decimals);
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
  const behind = Number.isInteger(rounded) ? 0 : decimals;
  const plain = Math.abs(rounded).toFixed(behind);
  /* Without thousands to part, a number needs nothing but its sign and its decimal sign. */
  const shown =
    locale === language && Math.abs(rounded) < 1000
      ? `${rounded < 0 ? '-' : ''}${plain.replace('.', decimalSign)}`
      : new Intl.NumberFormat(locale, { minimumFractionDigits: behind, maximumFractionDigits: behind }).format(rounded);
  return `${shown}\u00a0${currency}`;
}
