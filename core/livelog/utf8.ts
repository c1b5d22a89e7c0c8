/**
 * Text of UTF-8 bytes (RFC 3629); a byte that fits nowhere is read as Latin-1, as old readers write it.
 * @param bytes any. @returns the text.
 * @example decoded(Uint8Array.of(0x61, 0xc3, 0xa8)) // => "aè"
 */
export function decoded(bytes: Uint8Array): string {
  let text = '';
  for (let at = 0; at < bytes.length; at += 1) {
    const first = bytes[at] as number;
    if (first < 0x80) {
      text += String.fromCharCode(first);
      continue;
    }
    const more = first >= 0xf0 ? 3 : first >= 0xe0 ? 2 : first >= 0xc2 ? 1 : 0;
    const tail = bytes.subarray(at + 1, at + 1 + more);
    if (more > 0 && tail.length === more && tail.every((byte) => (byte & 0xc0) === 0x80)) {
      text += String.fromCodePoint(tail.reduce((code, byte) => (code << 6) | (byte & 0x3f), first & (0x3f >> more)));
      at += more;
    } else text += String.fromCharCode(first);
  }
  return text;
}

/**
 * ASCII bytes of a text; other letters become a question mark.
 * @example [...asBytes('km')] // => [107,109]
 */
export const asBytes = (text: string): Uint8Array =>
  Uint8Array.from(text, (letter) => (letter.charCodeAt(0) < 128 ? letter.charCodeAt(0) : 63));
