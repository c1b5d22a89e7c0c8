import fc from 'fast-check';
import { expect, test } from 'vitest';
import { tally } from '../ledger/tally';
import { decimalsOf, roundMoney, sayMoney } from './money';

const said = (amount: number, currency?: string, locale?: string): string =>
  sayMoney(amount, currency, locale).replaceAll('\u00a0', ' ');

test('decimals are the currency’s own', () => {
  expect(['EUR', 'JPY', 'TND', 'odd word', ''].map(decimalsOf)).toEqual([2, 0, 3, 2, 2]);
  expect([said(38.5, 'EUR'), said(31, 'EUR'), said(38.5, 'JPY'), said(1.2345, 'TND')]).toEqual([
    '38.50 EUR',
    '31 EUR',
    '39 JPY',
    '1.235 TND',
  ]);
});
test('no crumbs, no minus nought, the usual currency, large sums in groups', () => {
  expect(said(155.79000000000002)).toBe('155.79 EUR');
  expect(said(-0.001)).toBe('0 EUR');
  expect(said(1234567.5)).toBe('1,234,567.50 EUR');
  expect(said(1234.5, 'EUR', 'de-DE')).toBe('1.234,50 EUR');
  expect(said(-12)).toBe('-12 EUR');
});
test('sums of cents have no crumbs, however many there are', () => {
  const cents = fc.array(fc.integer({ min: 0, max: 100_000 }), { minLength: 1, maxLength: 40 });
  fc.assert(
    fc.property(cents, (all) => {
      const costs = all.map((amount, at) => ({
        id: `c${at}`,
        item: 'x',
        amount: amount / 100,
        use: 'needed' as const,
      }));
      const exact = all.reduce((sum, amount) => sum + amount, 0) / 100;
      expect(tally(costs).spent).toBe(exact);
      expect(roundMoney(tally(costs).spent, 'EUR')).toBe(exact);
    }),
  );
});
test('the decimals of nearly every currency are those that this machine knows', () => {
  const codes = Intl.supportedValuesOf('currency');
  expect(codes.length).toBeGreaterThan(100);
  const asked = (currency: string) =>
    new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits;
  /* A later or earlier edition may say otherwise of one or two. */
  expect(codes.filter((code) => decimalsOf(code) !== asked(code)).length).toBeLessThanOrEqual(3);
  expect(decimalsOf('jpy')).toBe(0);
});
test.each([-1234.56, -999.999, -999.99, -0.4, -0, 0, 0.4, 31, 999.99, 999.999, 1000, 1234.56])(
  '%d is written as the browser writes it',
  (amount) => {
    for (const [currency, decimals] of [
      ['EUR', 2],
      ['JPY', 0],
    ] as const) {
      const whole = Number.isInteger(roundMoney(amount, currency));
      const figures = new Intl.NumberFormat('en-GB', {
        minimumFractionDigits: whole ? 0 : decimals,
        maximumFractionDigits: decimals,
      }).format(amount);
      expect(said(amount, currency)).toBe(`${figures.replace(/^-0$/, '0')} ${currency}`);
    }
  },
);
