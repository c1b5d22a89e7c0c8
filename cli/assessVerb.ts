import { assess } from '../core/judgement/assess';
import { BadInput, problemLine, readCase } from './input';
import type { Verb } from './verb';
import { texts } from '#words/cli';

/** `assess FILE…`: one judgement a line, in order. A bad file gets one line on standard error, and the exit code is 2. */
export const assessVerb: Verb = {
  usage: texts.assessFile,
  run(names, out) {
    if (names.length === 0) throw new BadInput(texts.assessNeedsAtLeast);
    let failed = false;
    for (const name of names) {
      const file = readCase(name);
      if (file.ok) out.line(assess(file.value));
      else {
        failed = true;
        out.problem(problemLine(name, file.problems));
      }
    }
    return failed ? 2 : 0;
  },
};
