import { decode } from '../core/codes/decode';
import { BadInput } from './input';
import type { Verb } from './verb';

/** `decode CODE…`: one decoded code a line. */
export const decodeVerb: Verb = {
  usage: 'decode CODE…',
  run(codes, out) {
    if (codes.length === 0) throw new BadInput('decode needs at least one code, such as C0034');
    for (const code of codes) out.line(decode(code));
    return 0;
  },
};
