export interface Line {
  /** Counted from 1, in the text as pasted. */
  readonly number: number;
  readonly text: string;
}

const LONGEST_LINE = 2_000;
const OPEN_BYTE = /[PCBU][0-9A-FO]{4} ?[-:]\s*$/i;
const MARKED_BYTE = /^\s*[-:]\s*[0-9A-F]{2}(?![0-9A-Za-z])/i;
const ENDS_IN_CODE = /(?<![A-Za-z0-9])[PCBU][0-9A-FO]{4}\s*$/i;
const CUT_CODE = /(?<![A-Za-z0-9])[PCBU][0-9A-FO]{0,3}-?\s*$/i;

function hexLength(text: string): number {
  return /([0-9A-FO]*)-?\s*$/i.exec(text)?.[1]?.length ?? 0;
}

/** A narrow screen breaks a code in two: whether the next line is the rest of the code at this line's end. */
function joins(above: string, below: string): string | null {
  if (OPEN_BYTE.test(above) && /^\s*[0-9A-F]{2}(?![0-9A-Za-z])/i.test(below))
    return above.trimEnd() + below.trimStart();
  if (ENDS_IN_CODE.test(above) && MARKED_BYTE.test(below)) return above.trimEnd() + below.trimStart();
  if (!CUT_CODE.test(above)) return null;
  const missing = 4 - hexLength(/[PCBU]([0-9A-FO]{0,3}-?\s*)$/i.exec(above)?.[1] ?? '');
  const rest = /^\s*([0-9A-FO]+)(?![0-9A-Za-z])/i.exec(below)?.[1];
  const fits = rest !== undefined && rest.length === missing && /\d/.test(rest);
  return fits ? above.trimEnd().replace(/-$/, '') + below.trimStart() : null;
}

/**
 * The lines of a screen, with codes that a narrow display broke in two put together again.
 * @param text the text as pasted, any line ends. @returns lines with their number; at most 2000 characters of each.
 * @example joinLines('C0034-\n13 open').length // => 1
 */
export function joinLines(text: string): readonly Line[] {
  const lines: Line[] = [];
  text.split(/\r\n|[\n\r\u2028\u2029]/).forEach((full, at) => {
    const next = full.slice(0, LONGEST_LINE);
    const above = lines.at(-1);
    const whole = above && above.text.length < LONGEST_LINE ? joins(above.text, next) : null;
    if (above && whole !== null) lines[lines.length - 1] = { number: above.number, text: whole };
    else lines.push({ number: at + 1, text: next });
  });
  return lines;
}
