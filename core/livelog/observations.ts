import type { ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import type { LogReport } from './analyse';
import type { LogFinding } from './log';

type Live = ObservationOf<'live'>;

/** How grave a finding is beside others of the same wheel: what hides the others first. */
const GRAVITY: readonly LogFinding['finding'][] = [
  'zero',
  'stuck-high',
  'drops-out',
  'cuts-in-late',
  'erratic',
  'reads-fast',
  'reads-slow',
];

/** A wheel that trembles with its turning tells of its ring, whatever else it does. */
const rank = ({ finding, rhythm }: LogFinding): number => (rhythm ? 1.5 : GRAVITY.indexOf(finding));

const rounded = (value: number): number => Math.round(1000 * value) / 1000;

/**
 * What a recording amounts to as evidence: for each wheel the gravest finding, or that it follows.
 * @param report of the recording; where the car stood, it was seen standing.
 * @returns one live observation a wheel, in the order of the findings, with ids of their own.
 * @example observationsOf(REPORT).map(({ channel, finding }) => `${channel} ${finding}`) // => ["front-right zero","front-left follows","rear-left follows","rear-right follows"]
 */
export function observationsOf(report: LogReport): readonly Live[] {
  const gravest = new Map<Channel, LogFinding>();
  for (const finding of report.findings.toSorted((first, second) => rank(first) - rank(second)))
    if (!gravest.has(finding.channel)) gravest.set(finding.channel, finding);
  const seen = report.isDriven ? ('drive' as const) : ('stationary' as const);
  const bad = [...gravest.values()].map((finding, at): Live => ({
    id: `log-${at + 1}`,
    kind: 'live',
    while: seen,
    channel: finding.channel,
    finding: finding.finding,
    ...(finding.speed === undefined ? {} : { speed: finding.speed }),
    ...(finding.rhythm ? { rhythm: finding.rhythm } : {}),
    strength: rounded(finding.strength),
    confidence: rounded(finding.confidence),
  }));
  const good = report.sound.map((channel, at): Live => ({
    id: `log-${bad.length + at + 1}`,
    kind: 'live',
    while: seen,
    channel,
    finding: 'follows',
  }));
  return [...bad, ...good];
}
