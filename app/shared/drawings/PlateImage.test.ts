import { mount } from '@vue/test-utils';
import { expect, test, vi } from 'vitest';
import PlateImage from './PlateImage.vue';
import { CHECK_PLATES } from './plates/checks';
import type { Plate } from './plate';

const METER = CHECK_PLATES['meter:sensor:resistance'];
const showing = (value: string): Plate => ({ ...METER, figures: { 'display-value': value, 'display-unit': 'kΩ' } });

test('a key of the keypad draws the figures again, and the meter around them once', async () => {
  const drawn: number[] = [];
  vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => `blob:${drawn.push((blob as Blob).size)}`);
  const released = vi.spyOn(URL, 'revokeObjectURL').mockImplementation(() => undefined);
  const image = mount(PlateImage, { props: { plate: showing('1') } });
  await vi.waitFor(() => expect(image.findAll('img')).toHaveLength(2));
  const [meter, figures] = drawn;
  expect(figures).toBeLessThan((meter ?? 0) / 4);

  await image.setProps({ plate: showing('1.2') });
  await vi.waitFor(() => expect(drawn).toHaveLength(3));
  expect(image.findAll('img').map((part) => part.attributes('src'))).toEqual(['blob:1', 'blob:3']);

  await image.setProps({ plate: CHECK_PLATES['meter:battery:dc-voltage'] });
  await vi.waitFor(() => expect(drawn).toHaveLength(5));

  await image.setProps({ plate: CHECK_PLATES['look:ring'] });
  await vi.waitFor(() => expect(image.findAll('img')).toHaveLength(1));
  image.unmount();
  expect(released).toHaveBeenCalledTimes(drawn.length);
});
