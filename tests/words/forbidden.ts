/** Words that readers stumbled over, each with what is said instead. */
export const FORBIDDEN: readonly { readonly old: RegExp; readonly better: string }[] = [
  { old: /nobody says/i, better: 'no source given' },
  { old: /worth (its|the) price/i, better: 'worth doing' },
  { old: /\bopen \d|^open …|\bopen …\s?%/, better: 'not ruled out' },
  { old: /went on parting/i, better: 'slowly breaking' },
  { old: /a way of their own/i, better: 'say what is wrong and what follows' },
  { old: /(does|do|did) not fit the rest/i, better: 'unusual beside your other findings' },
  { old: /\bdraw (a car|the sensor|it out)/i, better: 'give, pull out' },
  { old: /\b(then )?part the\b/i, better: 'disconnect the' },
  { old: /\bshut\b/i, better: 'connected, closed' },
  { old: /see that it stays/i, better: 'drive it and watch' },
  { old: /^subject:/i, better: 'Looking at:' },
  { old: /keys and look/i, better: 'Settings' },
  { old: /\bhalf figure/i, better: 'the figure of the manual' },
  { old: /lead\(s\)|code\(s\)|job\(s\)/i, better: 'a plural by its number' },
];
