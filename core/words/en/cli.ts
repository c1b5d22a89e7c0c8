import type { Said } from '../said';

export const texts = {
  assessFile: 'assess FILE…',
  assessNeedsAtLeast: 'assess needs at least one case file',
  decodeCode: 'decode CODE…',
  decodeNeedsAtLeast: 'decode needs at least one code, such as C0034',
  hasBytesAtMost: (size: Said, mOST_BYTES: Said) => `has ${size} bytes; at most ${mOST_BYTES} are read`,
  thereIsNoSuch: 'there is no such file',
  cannotBeRead: (code: Said) => `cannot be read (${code})`,
  andMore: (count: Said) => ` (and ${count} more)`,
  zelf: (name: Said, path: Said, wrong: Said, more: Said) => `zelf: ${name}: ${path}${wrong}${more}`,
  isWrong: 'is wrong',
  use: (missing: Said, usages: Said) => `${missing}; use: ${usages}`,
  thereIsNoVerb: (name: Said) => `there is no verb "${name}"`,
  aVerbIsMissing: 'a verb is missing',
  failedWith: (message: Said) => `zelf: ${message}`,
  planFile: 'plan FILE',
  planNeedsExactlyOne: 'plan needs exactly one case file',
  thisCaseCallsFor: (name: Said) => `${name}: this case calls for no repair yet; assess it for the next move`,
  thereIsNoGuide: (name: Said, check: Said) => `${name}: there is no guide for ${check}; follow the manual`,
  trialCarsNSeed: 'trial --cars N --seed S',
  trialNeedsAWhole: (flag: Said, least: Said, most: Said, text: Said) =>
    `trial: ${flag} needs a whole number from ${least} to ${most}${text}`,
  not: (text: Said) => `, not "${text}"`,
  trialUse: (reason: Said, uSAGE: Said) => `trial: ${reason}; use: ${uSAGE}`,
  validateFile: 'validate FILE…',
  validateNeedsAtLeast: 'validate needs at least one case file',
};
