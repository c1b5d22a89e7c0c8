import type { LogFinding } from '../../../../core/livelog/log';
import { showOwn, type OwnUnits } from '../../../../core/quantities/ownUnits';
import { texts } from '#words/screens/log';

const percent = (share: number): number => Math.round(100 * share);
const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** A finding of a recording as a sentence that names the wheel. */
export function sentenceOf(finding: LogFinding, wheel: string, unit: OwnUnits['distance']): string {
  const name = capital(wheel);
  if (finding.rhythm) return texts.trembling(name, percent(finding.strength), percent(finding.share ?? 0));
  return texts.findings[finding.finding](name, percent(finding.strength), `${showOwn(finding.speed ?? 0, unit)}/h`);
}
