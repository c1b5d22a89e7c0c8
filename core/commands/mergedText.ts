interface Edit {
  /** Where it begins and ends in the text before. */
  readonly from: number;
  readonly to: number;
  readonly put: string;
}

/** What turns a text into another: one stretch that is put in place of another. */
function editOf(before: string, after: string): Edit {
  let from = 0;
  while (from < Math.min(before.length, after.length) && before[from] === after[from]) from += 1;
  let kept = 0;
  const room = Math.min(before.length, after.length) - from;
  while (kept < room && before[before.length - 1 - kept] === after[after.length - 1 - kept]) kept += 1;
  return { from, to: before.length - kept, put: after.slice(from, after.length - kept) };
}

/**
 * A text that two hands changed at once, with what both did.
 * @param before the text that both had. @param theirs what the other made of it. @param mine what this one made of it.
 * @returns both changes where they touch different places; where they overlap, theirs and then what was put in here.
 * @example mergedText('one two', 'one two three', 'zero one two') // => "zero one two three"
 */
export function mergedText(before: string, theirs: string, mine: string): string {
  if (theirs === before || theirs === mine) return mine;
  if (mine === before) return theirs;
  const [other, own] = [editOf(before, theirs), editOf(before, mine)];
  const apply = (text: string, { from, to, put }: Edit, shift = 0): string =>
    text.slice(0, from + shift) + put + text.slice(to + shift);
  if (own.to <= other.from) return apply(theirs, own);
  const shift = other.put.length - (other.to - other.from);
  if (own.from >= other.to) return apply(theirs, own, shift);
  return apply(theirs, { from: other.from + other.put.length, to: other.from + other.put.length, put: own.put });
}
