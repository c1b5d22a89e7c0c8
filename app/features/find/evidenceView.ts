import type { RouteLocationRaw } from 'vue-router';
import { isOfCar } from '../../../core/knowledge/checks/all';
import type { Verdict } from '../../../core/evidence/verdict';
import { checkNameOf } from '../../../core/knowledge/checks/nameOf';
import type { FullAssessment } from '../../../core/judgement/assess';
import type { Weight } from '../../../core/belief/weights';
import type { CaseFile, Observation } from '../../../core/casefile/contract';
import type { Channel, Segment } from '../../../core/casefile/words';
import { describeObservation, type Described, type Speech } from '../../../core/report/describe';
import { SEGMENT_NAMES } from '../../../core/knowledge/names';
import { texts } from '#words/screens/find';
import { inSentence } from '#words/language';

/** One line of the evidence list. */
export interface EvidenceLine extends Described {
  /** Where it can be said again. */
  readonly correction: RouteLocationRaw;
  readonly id: string;
  readonly observation: Observation;
  readonly withdrawn: boolean;
  /** Why it counts for nothing; empty where it counts. */
  readonly ignored: string;
  /** Why it is doubted; empty where it fits. */
  readonly doubt: string;
  /** It is of a wheel, and nobody has said of which. */
  readonly asksWheel: boolean;
  /** What the answer amounts to; null where it is none of a check. */
  readonly verdict: Verdict | null;
  /** What it weighs for the subject's path. */
  readonly weighs: { readonly blocks: number; readonly words: string; readonly decibans: number } | null;
}

/** The sheet on which an observation can be said again. */
function correctionOf(observation: Observation): RouteLocationRaw {
  switch (observation.kind) {
    case 'meter':
    case 'look':
    case 'live':
    case 'distance':
    case 'swap':
    case 'substitute':
    case 'unplug':
      return {
        name: 'check',
        query: {
          do: checkNameOf(observation),
          at: observation.channel ?? 'unknown',
          correct: observation.id,
          ...(observation.kind === 'meter' && observation.while === 'wiggle' ? { while: 'wiggle' } : {}),
        },
      };
    case 'lamps':
    case 'symptom':
    case 'history':
      return { name: 'dash' };
    case 'drive':
      return { name: 'prove' };
    default:
      return { name: 'codes' };
  }
}

/** What is found at a wheel but stands without one. */
function asksWheel(observation: Observation): boolean {
  if (observation.channel || observation.withdrawn) return false;
  const isOfWheel = ['look', 'meter', 'distance'].includes(observation.kind);
  return isOfWheel && !isOfCar(checkNameOf(observation));
}

const MOST_BLOCKS = 16;
const WORTH_TELLING = 1;
/** What speaks for something is told before what speaks against, from this weight on. */
const FOR_FIRST = 2.5;

function list(segments: readonly Segment[]): string {
  const names = segments.map((segment) => inSentence(SEGMENT_NAMES[segment]));
  if (names.length > 3) return `${names.slice(0, 3).join(', ')} …`;
  return names.length > 1 ? texts.or(names.slice(0, -1).join(', '), names.at(-1) ?? '') : (names[0] ?? '');
}

/** The strongest thing an observation says of the path: for some segments, or against some. */
function weighing(weights: readonly Weight[]): EvidenceLine['weighs'] {
  const bySegment = new Map<Segment, number>();
  for (const weight of weights) bySegment.set(weight.segment, (bySegment.get(weight.segment) ?? 0) + weight.decibans);
  const entries = [...bySegment]
    .filter(([, decibans]) => Math.abs(decibans) >= WORTH_TELLING)
    .sort(([, a], [, b]) => Math.abs(b) - Math.abs(a));
  const strongest = entries.find(([, decibans]) => decibans >= FOR_FIRST) ?? entries[0];
  if (!strongest) return { blocks: 0, words: texts.tellsLittleAboutThis, decibans: 0 };
  const sign = Math.sign(strongest[1]);
  const alike = entries
    .filter(([, decibans]) => Math.sign(decibans) === sign && Math.abs(decibans) >= Math.abs(strongest[1]) * 0.5)
    .map(([segment]) => segment);
  const size = Math.abs(strongest[1]);
  const strength = size < 3 ? 'weak' : size > 12 ? 'strong' : 'plain';
  return {
    blocks: Math.min(MOST_BLOCKS, Math.max(1, Math.round(size))),
    words: (sign > 0 ? texts.pointsFor : texts.pointsAway)[strength](list(alike)),
    decibans: sign * size,
  };
}

/** Every observation in order with what it weighs for the subject's path; newest last, as they were made. */
export function evidenceLines(
  file: CaseFile,
  assessment: FullAssessment | null,
  subject: Channel,
  speech: Speech,
): EvidenceLine[] {
  return file.observations.map((observation) => {
    const weights =
      assessment?.weights.filter((weight) => weight.channel === subject && weight.ids.includes(observation.id)) ?? [];
    const ignored = observation.withdrawn
      ? ''
      : (assessment?.ignored.find((entry) => entry.id === observation.id)?.why ?? '');
    return {
      ...describeObservation(observation, file, speech),
      id: observation.id,
      correction: correctionOf(observation),
      asksWheel: asksWheel(observation),
      verdict: assessment?.verdicts[observation.id] ?? null,
      observation: observation,
      withdrawn: observation.withdrawn === true,
      ignored,
      doubt: assessment?.doubtful.find((entry) => entry.id === observation.id)?.why ?? '',
      weighs:
        observation.withdrawn || ignored || observation.kind === 'history' || weights.length === 0
          ? null
          : weighing(weights),
    };
  });
}
