import type { Said } from '../../said';

export const texts = {
  signalPathFromRing: 'Signal path from ring to module',
  ring: 'Ring',
  gap: 'Gap',
  sensor: 'Sensor',
  lead: 'Lead',
  plug: 'Plug',
  loom: 'Loom',
  mod: 'Mod.',
  notRuledOut: (percent: Said) => `not ruled out, ${percent}`,
  suspect: (percent: Said) => `suspect ${percent}`,
  atFault: (percent: Said) => `at fault ${percent}`,
  notCheckedYet: 'not checked yet',
  numbers: ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'all seven'],
  suspects: (count: Said) => `${count} suspect`,
  provedGood: (good: Said, seven: Said) => `${good}${seven} proved good`,
  ofSeven: ' of seven',
  partsAtFault: (count: Said) => `${count} at fault`,
};
