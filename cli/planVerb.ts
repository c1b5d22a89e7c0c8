import { assess } from '../core/judgement/assess';
import { composeGuide } from '../core/guide/compose';
import { toolNames } from '../core/knowledge/guide/tools';
import { BadInput, problemLine, readCase } from './input';
import type { Verb } from './verb';
import { texts } from '#words/cli';

/** `plan FILE`: the guide for the repair that the case now calls for, step by step. */
export const planVerb: Verb = {
  usage: texts.planFile,
  run(names, out) {
    const [name, ...more] = names;
    if (name === undefined || more.length > 0) throw new BadInput(texts.planNeedsExactlyOne);
    const file = readCase(name);
    if (!file.ok) {
      out.problem(problemLine(name, file.problems));
      return 2;
    }
    const repair = assess(file.value).next.find((fault) => fault.check.startsWith('repair:'));
    if (!repair) throw new BadInput(texts.thisCaseCallsFor(name));
    const guide = composeGuide(file.value, repair.check.slice('repair:'.length), repair.channel);
    if (!guide) throw new BadInput(texts.thereIsNoGuide(name, repair.check));
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
