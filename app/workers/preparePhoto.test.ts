import { expect, test } from 'vitest';
import { exifMoment, fitted, MOST_PHOTO_BYTES, preparePhoto } from './preparePhoto';

test('a picture keeps its shape and gets no larger than the edge; a small one stays as it is', () => {
  expect(fitted(4000, 3000, 1600)).toEqual([1600, 1200]);
  expect(fitted(3000, 4000, 1600)).toEqual([1200, 1600]);
  expect(fitted(1600, 900, 1600)).toEqual([1600, 900]);
  expect(fitted(300, 200, 1600)).toEqual([300, 200]);
  expect(fitted(20_000, 3, 320)).toEqual([320, 1]);
});

test('the time of a camera is read; what is none is none', () => {
  expect(exifMoment('2026:05:04 17:30:09')).toBe('2026-05-04T17:30:09');
  for (const wrong of ['0000:00:00 00:00:00', '2026:13:40 17:30:09', '2026-05-04', '', 5, undefined])
    expect(exifMoment(wrong)).toBeNull();
});

test('a file that is far too large is not even opened', async () => {
  const huge = { size: MOST_PHOTO_BYTES + 1 } as Blob;
  expect(await preparePhoto(huge)).toBeNull();
});
