import { expect, test } from 'vitest';
import { heard } from './heard';

test('a short name is heard before the full one, once', () => {
  expect(heard('FL', 'Front left: suspect')).toBe('FL, Front left: suspect');
  expect(heard('Sensor', 'Sensor: proved good')).toBe('Sensor: proved good');
  expect(heard('sensor', 'Sensor: proved good')).toBe('Sensor: proved good');
});
