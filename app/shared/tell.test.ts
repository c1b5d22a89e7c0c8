import { beforeEach, describe, expect, test, vi } from 'vitest';
import { until } from '../testSupport';
import { saveText } from './saveText';
import { tell, tellMishap, tellWithUndo } from './tell';

beforeEach(() => document.body.replaceChildren());
const text = (): string => document.body.textContent ?? '';

describe('messages', () => {
  test('what was done can be taken back by its button, once', async () => {
    const undo = vi.fn();
    await tellWithUndo('Removed.', 'Put it back', undo);
    await until(() => expect(text()).toContain('Removed.'));
    const button = [...document.querySelectorAll('button')].find((found) => found.textContent === 'Put it back');
    button?.click();
    expect(undo).toHaveBeenCalledOnce();
  });
  test('something that needs no answer is said', async () => {
    await tell('The adviser had stopped.');
    await until(() => expect(text()).toContain('The adviser had stopped.'));
  });
  test('the same is not said twice while it stands', async () => {
    await Promise.all([tell('Kept, and once.'), tell('Kept, and once.')]);
    await tell('Kept, and once.');
    await until(() => expect(text()).toContain('Kept, and once.'));
    expect(text().match(/Kept, and once\./g)).toHaveLength(1);
  });
  test('a mishap says why, and that nothing is lost', async () => {
    await tellMishap('no such corner');
    await until(() =>
      expect(text()).toContain('Something went wrong: no such corner. Everything you entered is stored.'),
    );
  });
});

test('a text is handed over as a file of its name, and let go afterwards', () => {
  vi.useFakeTimers();
  const made = vi.spyOn(URL, 'createObjectURL').mockReturnValue('blob:x');
  const letGo = vi.spyOn(URL, 'revokeObjectURL').mockImplementation(() => undefined);
  const clicked = vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(() => undefined);
  saveText('job.json', '{"a":1}');
  expect(clicked).toHaveBeenCalledOnce();
  const blob = made.mock.calls[0]?.[0] as Blob;
  expect([blob.type, blob.size]).toEqual(['application/json', 7]);
  vi.advanceTimersByTime(20_000);
  expect(letGo).toHaveBeenCalledWith('blob:x');
  vi.useRealTimers();
});
