import { capital } from '../../../core/words/capital';
import type { Channel } from '../../../core/casefile/words';
import { observationsOf } from '../../../core/livelog/observations';
import type { LogReport } from '../../../core/livelog/analyse';
import type { LogFinding } from '../../../core/livelog/log';
import { showOwn, type OwnUnits } from '../../../core/quantities/ownUnits';
import { texts } from '#words/screens/log';

const percent = (share: number): number => Math.round(100 * share);

/** Seconds as minutes and seconds. @example clock(403.2) // => "6:43" */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** A finding of a recording as a sentence that names the wheel. */
export function sentenceOf(finding: LogFinding, wheel: string, unit: OwnUnits['distance']): string {
  const name = capital(wheel);
  if (finding.rhythm) return texts.trembling(name, percent(finding.strength), percent(finding.share ?? 0));
  const said = texts.findings[finding.finding](
    name,
    percent(finding.strength),
    `${showOwn(finding.speed ?? 0, unit)}/h`,
  );
  return finding.when ? `${said} ${texts.when[finding.when]}` : said;
}

/** The same in a few words. */
export function titleOf(finding: LogFinding, wheel: string): string {
  const name = capital(wheel);
  return finding.rhythm ? texts.tremblingTitle(name) : texts.titles[finding.finding](name);
}

export const keyOf = ({ channel, finding, rhythm }: LogFinding): string => `${channel} ${finding} ${rhythm ?? ''}`;

type Live = ReturnType<typeof observationsOf>[number];
const withoutId = ({ id: _, ...observation }: Live): Omit<Live, 'id'> => observation;

/** What one finding amounts to as evidence; the wheels that agree, where none is given. */
export function evidenceOf(report: LogReport, finding: LogFinding | null): readonly Omit<Live, 'id'>[] {
  const part = finding ? { ...report, findings: [finding], sound: [] } : { ...report, findings: [] };
  return observationsOf(part).map(withoutId);
}

/** All of it, wheels left out that were used already. */
export function restOfEvidence(report: LogReport, used: ReadonlySet<string>): readonly Omit<Live, 'id'>[] {
  const isUsed = (channel: string): boolean =>
    report.findings.some((finding) => finding.channel === channel && used.has(keyOf(finding))) ||
    report.sound.some((sound) => sound === channel && used.has(soundKey(sound)));
  return observationsOf(report)
    .filter(({ channel }) => !isUsed(channel ?? ''))
    .map(withoutId);
}

/** The key under which a wheel that agrees is used. */
export const soundKey = (channel: Channel): string => [channel, 'follows', ''].join(' ');
export const soundKeys = (report: LogReport): readonly string[] => report.sound.map(soundKey);
