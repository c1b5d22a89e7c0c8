import type { CaseFile, Repair } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { meaningFor } from '../codes/meaningFor';
import { readerNames } from '../codes/readerNames';
import { channelOn } from '../vehicle/channels';
import { proofSteps, type ProofStep } from './proofSteps';
import { standingRepairs } from './sinceRepair';

/** The wheels that a bad answer speaks of: the one that was spun, or those that the codes which came back name. */
function wheelsOf({ by, channel }: ProofStep, file: CaseFile): readonly Channel[] {
  if (channel) return [channel];
  const texts = by?.kind === 'clear' ? (by.returned ?? []) : by?.kind === 'code' ? [by.code] : [];
  const names = readerNames(file).meaning;
  return texts.flatMap((text) => {
    const known = file.observations.findLast((seen) => seen.kind === 'code' && seen.code === text);
    const code =
      known?.kind === 'code' ? known : { id: '', kind: 'code' as const, code: text, status: 'unknown' as const };
    const wheel = meaningFor(code, file.vehicle, names).channel;
    return wheel ? [channelOn(wheel, file.vehicle.channels) ?? wheel] : [];
  });
}

/**
 * The repairs that the proof speaks against: those of the wheels that its bad answers name. Where none is named, or no repair was made there, the last one.
 * @param file the case. @returns repairs; none without one, or while no answer is bad.
 * @example failedRepairs(CASE) // => []
 */
export function failedRepairs(file: CaseFile): readonly Repair[] {
  const standing = standingRepairs(file).map(({ repair }) => repair);
  const bad = proofSteps(file).filter((step) => step.state === 'bad');
  if (bad.length === 0) return [];
  const wheels = bad.flatMap((step) => wheelsOf(step, file));
  const named = standing.filter((repair) => repair.channel && wheels.includes(repair.channel));
  return named.length > 0 ? named : standing.slice(-1);
}
