import type { Observation } from '../casefile/contract';
import { liveOutcome, lookOutcome, trialOutcome, type WordOutcome } from '../knowledge/outcomes/words';
import { channelOn } from '../vehicle/channels';
import { capital } from '../words/capital';
import { judgeDistance } from './judgeDistance';
import { judgeMeter } from './judgeMeter';
import { checkNameOf } from '../knowledge/checks/nameOf';
import type { ReadingContext } from './report';
import type { Timeline } from './timeline';
import type { Verdict } from './verdict';

function inWords(observation: Observation, id: string, outcome: WordOutcome): Verdict {
  return {
    topic: checkNameOf(observation),
    outcome: id,
    tone: outcome.tone,
    heading: `${capital(outcome.text)}.`,
    detail: '',
    fits: { [id]: 1 },
    good: outcome.good ?? [],
    bad: outcome.bad ?? [],
    figure: null,
  };
}

/**
 * What an answer amounts to: the one verdict that every screen, list and file shows.
 * @param observation what was seen or read. @param context the stage that it is read in.
 * @returns the verdict; null for what is no answer of a check of a part (lamps, codes, drives, history).
 * @example verdictOf(CASE.observations[2], STAGE).good // => ["sensor","lead"]
 */
export function verdictOf(observation: Observation, context: ReadingContext): Verdict | null {
  const channel = observation.channel ? channelOn(observation.channel, context.vehicle.channels) : null;
  switch (observation.kind) {
    case 'meter':
      return judgeMeter(observation, channel, context).verdict;
    case 'distance':
      return judgeDistance(observation, context)?.verdict ?? null;
    case 'look':
      return inWords(observation, observation.finding, lookOutcome(observation.part, observation.finding));
    case 'live':
      return inWords(observation, observation.finding, liveOutcome(observation.while, observation.finding));
    case 'swap':
    case 'substitute':
    case 'unplug':
      return inWords(observation, observation.result, trialOutcome(observation.kind, observation.result));
    default:
      return null;
  }
}

/**
 * The verdicts on all counted answers of a job, each read in its own stage.
 * @param timeline the job in time. @returns verdicts by the observation's id; what is no answer of a check of a part is left out.
 * @example verdictsOf(POSTERIOR.timeline).get('o3').tone // => "good"
 */
export function verdictsOf(timeline: Timeline): ReadonlyMap<string, Verdict> {
  return new Map(
    timeline.stages.flatMap(({ observations, context }) =>
      observations.flatMap((observation) => {
        const verdict = verdictOf(observation, context);
        return verdict ? [[observation.id, verdict] as const] : [];
      }),
    ),
  );
}
