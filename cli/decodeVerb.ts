import { decode } from '../core/codes/decode';
import { BadInput } from './input';
import type { Verb } from './verb';
import { texts } from '#words/cli';

/** `decode CODE…`: one decoded code a line. */
export const decodeVerb: Verb = {
  usage: texts.decodeCode,
  run(codes, out) {
    if (codes.length === 0) throw new BadInput(texts.decodeNeedsAtLeast);
    for (const code of codes) out.line(decode(code));
    return 0;
  },
};
