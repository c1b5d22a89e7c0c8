import { describe, expect, test } from 'vitest';
import { car } from '../../../../tests/support/caseBuilder';
import type { Fastener } from '../../../../core/casefile/contract';
import type { Channel } from '../../../../core/casefile/words';
import { handsOn, layOut, show, until } from '../../../testSupport';
import { spotOnDrawing, spotOnPhoto, spotWithin } from './spots';

const LEFT = 'front-left';
const nuts = (more: Partial<Fastener> = {}): Fastener => ({
  id: 'nuts',
  kind: 'nut',
  name: 'wheel nuts',
  count: 5,
  channel: LEFT,
  step: `wheel-off@${LEFT}`,
  place: 1,
  ...more,
});
const CLIP: Fastener = { id: 'clip', kind: 'clip', name: 'a clip of mine', count: 1, channel: LEFT, place: 2 };

describe('where a fastener sits', () => {
  test('on the drawing: where its step finds it, until the owner puts it elsewhere', () => {
    const usual = spotOnDrawing(nuts(), LEFT);
    expect(usual).not.toBeNull();
    expect(spotOnDrawing(nuts({ spot: { x: 0.1, y: 0.2 } }), LEFT)).toEqual({ x: 0.1, y: 0.2 });
    expect(spotOnDrawing(CLIP, LEFT)).toBeNull();
    expect(spotOnDrawing(nuts({ spot: { x: 0.1, y: 0.2, on: 'p1' } }), LEFT)).toBeNull();
  });
  test('the other side of the car is its mirror, front and rear', () => {
    for (const end of ['front', 'rear'] as const) {
      const [left, right] = (['left', 'right'] as const).map((side) =>
        spotOnDrawing(nuts(), `${end}-${side}` satisfies Channel),
      );
      expect([(left?.x ?? 0) + (right?.x ?? 0), left?.y]).toEqual([1, right?.y]);
    }
  });
  test('on a photo only where it was put on that very photo', () => {
    const placed = nuts({ spot: { x: 0.3, y: 0.4, on: 'p1' } });
    expect(spotOnPhoto(placed, 'p1')).toEqual({ x: 0.3, y: 0.4 });
    expect([spotOnPhoto(placed, 'p2'), spotOnPhoto(nuts(), 'p1')]).toEqual([null, null]);
  });
  test('never beside the picture', () => {
    expect([spotWithin(-0.2, 1.4), spotWithin(0.12345, 0.5)]).toEqual([
      { x: 0, y: 1 },
      { x: 0.123, y: 0.5 },
    ]);
  });
});

describe('the card', () => {
  const BOARD = `/job/j/fix?repair=replaced:sensor&at=${LEFT}&board=1`;
  async function board(fasteners: readonly Fastener[]) {
    const garage = await layOut(car('passive'), { fasteners: [...fasteners] });
    const { screen } = await show(garage, BOARD);
    const hands = handsOn(screen);
    await until(() => expect(hands.mark('fastener-card').exists()).toBe(true));
    const spotOf = async (id: string) => (await garage.job()).file.fasteners?.find((entry) => entry.id === id)?.spot;
    const box = hands.mark('card-ground').element;
    box.getBoundingClientRect = () => ({ left: 100, top: 50, width: 300, height: 200 }) as DOMRect;
    return { screen, spotOf, ...hands };
  }
  test('arrow keys move a number, and it is kept when the key is let go', async () => {
    const { mark, spotOf } = await board([nuts({ spot: { x: 0.5, y: 0.5 } })]);
    await mark('dot-1').trigger('keydown', { key: 'ArrowRight' });
    await mark('dot-1').trigger('keydown', { key: 'ArrowRight' });
    expect(await spotOf('nuts')).toEqual({ x: 0.5, y: 0.5 });
    await mark('dot-1').trigger('keyup', { key: 'ArrowRight' });
    await until(async () => expect(await spotOf('nuts')).toEqual({ x: 0.54, y: 0.5 }));
  });
  test('taps of a key in quick turn lose none of their steps', async () => {
    const { mark, spotOf } = await board([nuts({ spot: { x: 0.5, y: 0.5 } })]);
    for (let tap = 0; tap < 3; tap += 1) {
      const dot = mark('dot-1');
      void dot.trigger('keydown', { key: 'ArrowDown' });
      void dot.trigger('keyup', { key: 'ArrowDown' });
    }
    await until(async () => expect(await spotOf('nuts')).toEqual({ x: 0.5, y: 0.56 }));
  });
  test('what is not on the picture waits beside it: tap it, then the place', async () => {
    const { mark, spotOf, press, says } = await board([nuts(), CLIP]);
    await says('Not on this picture yet');
    await mark('card-ground').trigger('click', { clientX: 130, clientY: 100 });
    await press('loose-2');
    await says('Now tap the picture');
    await mark('card-ground').trigger('click', { clientX: 250, clientY: 100 });
    await until(async () => expect(await spotOf('clip')).toEqual({ x: 0.5, y: 0.25 }));
    expect(await spotOf('nuts')).toBeUndefined();
    await until(() => expect(mark('dot-2').exists()).toBe(true));
  });
  test('the owner’s photo lies beneath as soon as it is taken; the drawing keeps nothing of it', async () => {
    const { mark, spotOf, press } = await board([nuts()]);
    const picker = mark('photo-file');
    Object.defineProperty(picker.element, 'files', { value: [new File(['x'], 'corner.jpg', { type: 'image/jpeg' })] });
    await picker.trigger('change');
    await until(() => expect(mark('on-photo').attributes('aria-pressed')).toBe('true'));
    await press('loose-1');
    await mark('card-ground').trigger('click', { clientX: 160, clientY: 210 });
    await until(async () => expect(await spotOf('nuts')).toMatchObject({ x: 0.2, y: 0.8 }));
    expect((await spotOf('nuts'))?.on).toBeTruthy();
    await press('on-drawing');
    await until(() => expect(mark('loose-1').exists()).toBe(true));
  });
  test('says how many of all are back in', async () => {
    const { says, press } = await board([nuts({ back: 4 }), CLIP, { ...CLIP, id: 'gone', empty: true }]);
    await says('4 of 6 back in');
    await press('all-clip');
    await says('5 of 6 back in');
  });
});
