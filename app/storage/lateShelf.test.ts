import { describe, expect, it, vi } from 'vitest';
import { lateShelf } from './lateShelf';
import { memoryShelf } from './memoryShelf';
import type { Shelf } from './shelf';

const record = { id: 'look', value: 1 };

describe('a shelf whose program comes late', () => {
  it('keeps what was asked before it came, in order', async () => {
    const own = memoryShelf();
    let arrive: (shelf: Shelf) => void = () => undefined;
    const shelf = lateShelf(() => new Promise((resolve) => (arrive = resolve)));
    const kept = shelf.put('preferences', record);
    const read = shelf.get('preferences', 'look');
    arrive(own);
    await kept;
    expect(await read).toEqual(record);
    expect(await own.get('preferences', 'look')).toEqual(record);
  });
  it('is fetched once, and again only when that failed', async () => {
    const load = vi
      .fn<() => Promise<Shelf>>()
      .mockRejectedValueOnce(new Error('gone'))
      .mockResolvedValue(memoryShelf());
    const shelf = lateShelf(load);
    await expect(shelf.get('preferences', 'look')).rejects.toThrow('gone');
    await shelf.put('preferences', record);
    await shelf.put('preferences', record);
    expect(load).toHaveBeenCalledTimes(2);
  });
  it('tells who watches that it cannot be fetched', async () => {
    const failed = vi.fn();
    lateShelf(() => Promise.reject(new Error('gone'))).watch(() => Promise.resolve(0), vi.fn(), failed);
    await expect.poll(() => failed.mock.calls.length).toBe(1);
  });
  it('a watch that ended before it came never begins', async () => {
    let arrive: (shelf: Shelf) => void = () => undefined;
    const own = { ...memoryShelf(), watch: vi.fn(() => () => undefined) };
    const stop = lateShelf(() => new Promise((resolve) => (arrive = resolve))).watch(
      () => Promise.resolve(0),
      vi.fn(),
      vi.fn(),
    );
    stop();
    arrive(own);
    await new Promise((resolve) => setTimeout(resolve, 5));
    expect(own.watch).not.toHaveBeenCalled();
  });
});
