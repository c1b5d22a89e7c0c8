import type { texts as en } from '../../en/knowledge/sheets';

export const texts: typeof en = {
  ignitionOff: 'Zündung aus',
  ignitionOnEngineOff: 'Zündung an, Motor aus',
};
