import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import type { Vehicle } from '../casefile/contract';
import type { MeterPoint, Quantity } from '../casefile/words';
import { contextWith, timelineOf } from './timeline';
import { typedReading } from './typedReading';

const typed = (
  text: string,
  unit: string | null = null,
  [point, quantity]: readonly [MeterPoint, Quantity] = ['sensor', 'resistance'],
  vehicle: Vehicle = car('passive'),
) => {
  const timeline = timelineOf(caseOf(vehicle, []));
  const found = typedReading(text, unit, { kind: 'meter', channel: 'rear-right', point, quantity }, (reading) =>
    contextWith(timeline, reading),
  );
  return found.is === 'read' ? [found.reading.value, found.verdict?.tone] : [found.is];
};

describe('a figure without its unit is read by the band of its field', () => {
  test.each([
    ['1.4', [1400, 'borderline']],
    ['1,20', [1200, 'good']],
    ['1,2', [1200, 'borderline']],
    ['1200', [1200, 'good']],
    ['ol', ['overload', 'bad']],
    ['OL', ['overload', 'bad']],
    ['0', [0, 'bad']],
    ['1.20 k', [1200, 'good']],
    ['1.4 Ω', [1.4, 'bad']],
  ])('%s beside a band of 1.0 to 1.4 kΩ', (text, seen) => expect(typed(text)).toEqual(seen));

  test('outside the band nothing is condemned on a guess: it is asked', () => {
    expect(typed('0.38')).toEqual(['asks']);
    expect(typed('4')).toEqual(['asks']);
    expect(typed('0.38', 'kΩ')).toEqual([380, 'bad']);
    expect(typed('4', 'Ω')).toEqual([4, 'bad']);
  });
  test('what is no figure is refused with the reason', () => expect(typed('1.2.3')).toEqual(['refused']));
  test('a wire end to end of 0.4 is ohms: in no other unit does it make sense there', () =>
    expect(typed('0.4', null, ['wire-1', 'resistance'])).toEqual([0.4, 'good']));
  test('a feed of 11.8 is volts', () =>
    expect(typed('11.8', null, ['supply-at-plug', 'dc-voltage'], car('active'))[0]).toBe(11.8));
});
