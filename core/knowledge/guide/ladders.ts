import type { Ladder } from './rung';
import { SHEARED_BOLT } from './shearedBolt';
import type { LadderId } from './stepIds';
import { STUCK_SENSOR } from './stuckSensor';
import { LOCKING_BOLT, SEIZED_BRACKET, TIGHT_HUB_NUT } from './tightFasteners';
import { texts } from '#words/knowledge/ladders';

/** Every ladder by its id. */
export const LADDERS: Readonly<Record<LadderId, Ladder>> = {
  'stuck-sensor': {
    id: 'stuck-sensor',
    title: texts.stuckSensor,
    asked: texts.stuckSensorAsked,
    rungs: STUCK_SENSOR,
    results: ['moved-a-little', 'out', 'no-change', 'broke', 'bolt-sheared'],
    isOutcome: true,
    brokenAt: 'drill-core',
    inHand: [
      { id: 'new-sensor', words: texts.newSensorMeasured },
      { id: 'o-ring', words: texts.newORing },
      { id: 'drills', words: texts.drillsWithStop },
      { id: 'inserts', words: texts.tapAndInserts },
      { id: 'vacuum', words: texts.vacuumAndCloth },
      { id: 'goggles', words: texts.gogglesAndGloves },
    ],
  },
  'sheared-bolt': {
    id: 'sheared-bolt',
    title: texts.shearedBolt,
    asked: texts.shearedBoltAsked,
    rungs: SHEARED_BOLT,
    results: ['moved-a-little', 'out', 'no-change', 'broke'],
    brokenAt: 'bolt-file',
    inHand: [
      { id: 'new-bolt', words: texts.newBolt },
      { id: 'drills', words: texts.drillsWithStop },
      { id: 'inserts', words: texts.tapAndInserts },
      { id: 'vacuum', words: texts.vacuumAndCloth },
      { id: 'goggles', words: texts.gogglesAndGloves },
    ],
  },
  'locking-bolt': {
    id: 'locking-bolt',
    title: texts.lockingBolt,
    asked: texts.lockingBoltAsked,
    rungs: LOCKING_BOLT,
    results: ['out', 'no-change'],
    inHand: [],
  },
  'seized-bracket': {
    id: 'seized-bracket',
    title: texts.seizedBracket,
    asked: texts.seizedBracketAsked,
    rungs: SEIZED_BRACKET,
    results: ['moved-a-little', 'out', 'no-change'],
    inHand: [],
  },
  'tight-hub-nut': {
    id: 'tight-hub-nut',
    title: texts.tightHubNut,
    asked: texts.tightHubNutAsked,
    rungs: TIGHT_HUB_NUT,
    results: ['moved-a-little', 'out', 'no-change'],
    inHand: [],
  },
};
