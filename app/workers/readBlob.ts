import type { CaseFile } from '../../core/casefile/contract';
import type { Result } from '../../core/casefile/problem';
import { MOST_BYTES, readCaseBytes } from '../../core/casefile/read';
import { texts } from '#words/shared/app';

/**
 * Reads a file piece by piece and checks it as a case file.
 * @param file what was chosen or dropped. @param told the share that has been read, from 0 to 1.
 * @returns the case file, or what is wrong; a file that is too large is refused before any of it is read.
 */
export async function readBlob(file: Blob, entry: (share: number) => void): Promise<Result<CaseFile>> {
  if (file.size > MOST_BYTES) {
    const message = texts.hasBytesAtMost(file.size, MOST_BYTES);
    return { ok: false, problems: [{ path: '', code: 'too-long', message }] };
  }
  const bytes = new Uint8Array(file.size);
  const reader = (file.stream() as ReadableStream<Uint8Array>).getReader();
  let at = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    bytes.set(value.subarray(0, bytes.length - at), at);
    at += value.length;
    entry(Math.min(1, at / Math.max(1, file.size)));
  }
  return readCaseBytes(bytes.subarray(0, at));
}
