import { parseArgs } from 'node:util';
import type { CaseFile } from '../core/casefile/contract';
import { CHANNELS, type Channel } from '../core/casefile/words';
import { composeGuide, type Guide } from '../core/guide/compose';
import { advise } from '../core/judgement/assess';
import { repairOfMove } from '../core/knowledge/moves';
import { toolNames } from '../core/knowledge/guide/tools';
import { ALL_REPAIRS } from '../core/knowledge/repairs/all';
import { BadInput, problemLine, readCase } from './input';
import type { Verb } from './verb';
import { texts } from '#words/cli';

interface Asked {
  readonly name: string;
  readonly repair: string | undefined;
  readonly channel: string | undefined;
}

function askedFor(words: readonly string[]): Asked {
  const options = { repair: { type: 'string' }, channel: { type: 'string' } } as const;
  try {
    const { values, positionals } = parseArgs({ args: [...words], options, allowPositionals: true });
    const [name, ...more] = positionals;
    if (name === undefined || more.length > 0) throw new BadInput(texts.planNeedsExactlyOne);
    return { name, repair: values.repair, channel: values.channel };
  } catch (error) {
    if (error instanceof BadInput) throw error;
    const [reason = ''] = (error instanceof Error ? error.message : '').split(/[.\n]/);
    throw new BadInput(texts.planUse(reason, texts.planFile));
  }
}

/** The channel that was named, if this car has it. */
function channelOf(named: string, { name }: Asked, file: CaseFile): Channel {
  if (!(CHANNELS as readonly string[]).includes(named))
    throw new BadInput(texts.noSuchChannel(named, CHANNELS.join(', ')));
  if (!file.vehicle.channels.includes(named as Channel))
    throw new BadInput(texts.notOfThisCar(name, named, file.vehicle.channels.join(', ')));
  return named as Channel;
}

/** A repair that was named, at the place that was named; what cannot be done there is refused with the reason. */
function named(asked: Asked, repair: string, file: CaseFile): Guide {
  const record = ALL_REPAIRS.find((entry) => entry.repair === repair && entry.action !== null);
  if (!record) throw new BadInput(texts.noSuchRepair(repair));
  if (record.workshop) throw new BadInput(texts.workshopDoes(repair));
  const channel = asked.channel === undefined ? null : channelOf(asked.channel, asked, file);
  if (!record.ofCar && channel === null)
    throw new BadInput(texts.needsChannel(repair, file.vehicle.channels.join(', ')));
  const guide = composeGuide(file, repair, record.ofCar ? null : channel);
  if (!guide) throw new BadInput(texts.thereIsNoGuide(asked.name, repair));
  return guide;
}

/** The repair that the case now calls for. */
function calledFor({ name }: Asked, file: CaseFile): Guide {
  const [move] = advise(file).next.flatMap((offered) => (offered.move.is === 'repair' ? [offered.move] : []));
  if (!move) throw new BadInput(texts.thisCaseCallsFor(name));
  const repair = repairOfMove(move);
  const guide = composeGuide(file, repair, move.channel);
  if (!guide) throw new BadInput(texts.thereIsNoGuide(name, `repair:${repair}`));
  return guide;
}

/** `plan FILE`: the guide for the repair that the case now calls for, or for one that is named, step by step. */
export const planVerb: Verb = {
  usage: texts.planFile,
  run(words, out) {
    const asked = askedFor(words);
    if (asked.repair === undefined && asked.channel !== undefined) throw new BadInput(texts.channelNeedsRepair);
    const file = readCase(asked.name);
    if (!file.ok) {
      out.problem(problemLine(asked.name, file.problems));
      return 2;
    }
    const guide = asked.repair === undefined ? calledFor(asked, file.value) : named(asked, asked.repair, file.value);
    out.line({
      repair: guide.repair,
      channel: guide.channel,
      phases: guide.phases.map(({ phase, steps }) => ({
        phase,
        steps: steps.map(({ id, text, why, tools, cautions, torque, undoes }) => ({
          id,
          text,
          why,
          tools: toolNames(tools),
          cautions,
          ...(torque ? { torque } : {}),
          ...(undoes ? { undoes } : {}),
        })),
      })),
      needs: { ...guide.needs, tools: toolNames(guide.needs.tools) },
    });
    return 0;
  },
};
