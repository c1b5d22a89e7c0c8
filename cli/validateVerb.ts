import { BadInput, problemLine, readCase } from './input';
import type { Verb } from './verb';
import { texts } from '#words/cli';

/** `validate FILE…`: a line for each file; exit code 2 when any is not right. */
export const validateVerb: Verb = {
  usage: texts.validateFile,
  run(names, out) {
    if (names.length === 0) throw new BadInput(texts.validateNeedsAtLeast);
    const results = names.map((name) => {
      const file = readCase(name);
      out.line({ file: name, ok: file.ok, problems: file.ok ? [] : file.problems });
      if (!file.ok) out.problem(problemLine(name, file.problems));
      return file.ok;
    });
    return results.every(Boolean) ? 0 : 2;
  },
};
