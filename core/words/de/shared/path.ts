import type { texts as en } from '../../en/shared/path';

export const texts: typeof en = {
  signalPathFromRing: 'Signalweg vom Ring zum Steuergerät',
  ring: 'Ring',
  gap: 'Spalt',
  sensor: 'Sensor',
  lead: 'Leitung',
  plug: 'Stecker',
  loom: 'Kabelb.',
  mod: 'Steu.',
  notRuledOut: (percent) => `noch möglich, ${percent}`,
  suspect: (percent) => `verdächtig ${percent}`,
  atFault: (percent) => `fehlerhaft ${percent}`,
  notCheckedYet: 'noch nicht geprüft',
  numbers: ['keins', 'eins', 'zwei', 'drei', 'vier', 'fünf', 'sechs', 'alle sieben'],
  suspects: (count) => `${count} verdächtig`,
  provedGood: (good, seven) => `${good}${seven} als gut erwiesen`,
  ofSeven: ' von sieben',
  partsAtFault: (count) => `${count} fehlerhaft`,
};
