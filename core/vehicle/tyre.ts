import type { Result } from '../casefile/problem';
import { texts } from '#words/core/vehicle';

/** A loaded tyre rolls on a little less than its free circumference (generic). */
const ROLLING_SHARE = 0.97;

/**
 * The rolling circumference of a tyre from the size on its wall (ISO 4000-1 marking).
 * @param size such as `195/65R15` or `195/65 R 15`; width 100–400 mm, ratio 20–100 %, rim 8–26 inch.
 * @returns metre, or one problem that says what would be right.
 * @example tyreCircumferenceM('195/65R15').value // ≈ 1.933
 */
export function tyreCircumferenceM(size: string): Result<number> {
  const match = /^\s*(\d{3})\s*\/\s*(\d{2,3})\s*Z?R[FC]?\s*(\d{1,2})\b/i.exec(size.slice(0, 40));
  const [width, ratio, rim] = (match ?? []).slice(1).map(Number);
  if (!width || !ratio || !rim || width < 100 || width > 400 || ratio < 20 || ratio > 100 || rim < 8 || rim > 26)
    return {
      ok: false,
      problems: [{ path: '', code: 'tyre', message: texts.mustLookLike19565r15 }],
    };
  const diameter = rim * 0.0254 + (2 * (width / 1000) * ratio) / 100;
  return { ok: true, value: Math.PI * diameter * ROLLING_SHARE };
}
