/** Words one after another, a blank before each: `FR` is no part of `Front right`. */
const wordsOf = (text: string): string =>
  (text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []).map((word) => ` ${word}`).join('');

/**
 * The name of something that shows only a short one: who speaks to the screen says what stands there, who listens hears it all (WCAG 2.5.3).
 * @param short what stands on the screen. @param full its name.
 */
export const heard = (short: string, full: string): string =>
  `${wordsOf(full)} `.includes(`${wordsOf(short)} `) ? full : `${short}, ${full}`;
