import { parse } from 'exifr/dist/lite.esm.mjs';
import { sha256 } from '../storage/sha256';

/** A picture made small enough to be kept, with what is known of it. */
export interface Prepared {
  readonly type: 'image/jpeg';
  readonly full: Uint8Array<ArrayBuffer>;
  readonly small: Uint8Array<ArrayBuffer>;
  /** When it was taken, as the camera wrote it, `YYYY-MM-DDTHH:MM:SS` in local time; null where it wrote nothing. */
  readonly takenAt: string | null;
  /** SHA-256 of `full`, hexadecimal digits. */
  readonly sha256: string;
}

const FULL_EDGE = 1600;
const SMALL_EDGE = 320;
const QUALITY = 0.82;
/** A file larger than this is no photograph of a phone. */
export const MOST_PHOTO_BYTES = 60_000_000;

/** Width and height of a picture no larger than an edge; a smaller one stays as it is. */
export function fitted(width: number, height: number, edge: number): readonly [width: number, height: number] {
  const scale = Math.min(1, edge / Math.max(width, height));
  return [Math.max(1, Math.round(width * scale)), Math.max(1, Math.round(height * scale))];
}

/** `2026:05:04 17:30:00` of a camera (EXIF 2.32, DateTimeOriginal) as `2026-05-04T17:30:00`; null for anything else. */
export function exifMoment(text: unknown): string | null {
  const found = /^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)/u.exec(typeof text === 'string' ? text : '');
  const moment = found ? `${found[1]}-${found[2]}-${found[3]}T${found[4]}` : '';
  return Number.isNaN(Date.parse(moment)) ? null : moment;
}

async function takenAt(file: Blob): Promise<string | null> {
  const options = { pick: ['DateTimeOriginal'], reviveValues: false };
  const tags = (await parse(await file.arrayBuffer(), options).catch(() => null)) as Record<string, unknown> | null;
  return exifMoment(tags?.['DateTimeOriginal']);
}

async function drawn(picture: ImageBitmap, edge: number): Promise<Uint8Array<ArrayBuffer>> {
  const [width, height] = fitted(picture.width, picture.height, edge);
  const canvas = new OffscreenCanvas(width, height);
  canvas.getContext('2d')?.drawImage(picture, 0, 0, width, height);
  const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
  return new Uint8Array(await blob.arrayBuffer());
}

/**
 * Makes a photograph fit to be kept: upright, at most 1600 points, without the place where it was taken.
 * @param file as the camera or the owner gave it. @returns null where it is no picture that this browser can read.
 */
export async function preparePhoto(file: Blob): Promise<Prepared | null> {
  if (file.size > MOST_PHOTO_BYTES) return null;
  const picture = await createImageBitmap(file).catch(() => null);
  if (!picture) return null;
  const [full, small] = [await drawn(picture, FULL_EDGE), await drawn(picture, SMALL_EDGE)];
  picture.close();
  return { type: 'image/jpeg', full, small, takenAt: await takenAt(file), sha256: await sha256(full) };
}
