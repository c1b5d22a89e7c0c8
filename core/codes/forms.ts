/** What kind of code it is, by its look alone. */
export type CodeForm = 'standard' | 'hex' | 'digits' | 'flash' | 'unknown';

export interface FormOfCode {
  readonly form: CodeForm;
  /** Upper case, without marks and failure type byte. */
  readonly code: string;
  /** The failure type byte of a standard code, two hex digits, or null. */
  readonly byte: string | null;
  /** A bare hex code read as the two raw bytes of a chassis code. */
  readonly alsoRead: string | null;
}

const LONGEST = 100;
const STANDARD = /^([PCBU])([0-9A-F]{4})(?:[-:/.\s]*(?:0X)?([0-9A-F]{2}))?$/;

/** Letters that a display or a hand confuses with digits, where only hex digits can stand. */
function unconfuse(text: string): string {
  return /^[PCBU]/.test(text) ? text[0] + text.slice(1).replace(/O/g, '0').replace(/[IL]/g, '1') : text;
}

/** Two raw bytes: the top two bits are the letter (01 is C), the next two the first digit (ISO 15031-6). */
function asChassisCode(hex: string): string | null {
  const first = parseInt(hex[0] ?? '', 16);
  return first >= 4 && first <= 7 ? `C${first - 4}${hex.slice(1)}` : null;
}

/**
 * Tells the form of a code: standard letter-and-four-hex (SAE J2012), bare hex, flash digits, a maker's own, or unknown.
 * @param input the code as shown; O for 0 and I for 1 are mended in standard codes.
 * @returns form and parts; text that holds no digit at all is `unknown`.
 * @example readForm('c0034:13').byte // => "13"
 * @example readForm('33').form // => "flash"
 * @example readForm('DF012').form // => "digits"
 */
export function readForm(input: string): FormOfCode {
  const upper = input.slice(0, LONGEST).trim().toUpperCase();
  const standard = STANDARD.exec(upper) ?? STANDARD.exec(unconfuse(upper));
  if (standard)
    return { form: 'standard', code: `${standard[1]}${standard[2]}`, byte: standard[3] ?? null, alsoRead: null };
  const compact = upper.replace(/^0X/, '').replace(/[-\s]/g, '');
  if (/^[0-9A-F]{4}$/.test(compact))
    return { form: 'hex', code: compact, byte: null, alsoRead: asChassisCode(compact) };
  if (/^\d{1,2}$/.test(compact)) return { form: 'flash', code: compact, byte: null, alsoRead: null };
  const digits = /^[A-Z0-9]{1,12}$/.test(compact) && /\d/.test(compact) && input.length <= LONGEST;
  return { form: digits ? 'digits' : 'unknown', code: compact, byte: null, alsoRead: null };
}

/**
 * Whether a code is one that a lamp flashes: one or two decimal digits.
 * @param input the code as shown. @returns true for `33`, false for any other form.
 * @example isFlashCode('33') // => true
 * @example isFlashCode('C0034') // => false
 */
export function isFlashCode(input: string): boolean {
  return readForm(input).form === 'flash';
}
