import type { Rung } from './rung';
import { texts } from '#words/knowledge/ladders';

/** For a wheel bolt whose key is lost. */
export const LOCKING_BOLT: readonly Rung[] = [
  {
    id: 'lock-look',
    name: texts.lookForTheKey,
    text: texts.theKeyLies,
    why: texts.aKeyIsAlmost,
    tools: ['torch'],
    cautions: [],
    minutes: 10,
  },
  {
    id: 'lock-order',
    name: texts.orderTheKey,
    text: texts.theNumberStands,
    why: texts.itCostsLess,
    tools: [],
    cautions: [],
    minutes: 10,
  },
  {
    id: 'lock-grip',
    name: texts.gripTheBolt,
    text: texts.knockASocket,
    why: texts.theCollarMustBe,
    tools: ['socket-set', 'small-hammer', 'breaker-bar'],
    cautions: ['eyes'],
    minutes: 15,
    destroys: true,
  },
  {
    id: 'lock-stop',
    name: texts.aWheelShop,
    text: texts.aWorkshopHas,
    why: texts.drillingAWheel,
    tools: [],
    cautions: [],
    minutes: 0,
    stops: true,
  },
];

/** For the bolts that carry the brake. */
export const SEIZED_BRACKET: readonly Rung[] = [
  {
    id: 'bracket-soak',
    name: texts.bracketSoak,
    text: texts.brushTheThreads,
    why: texts.penetrantWorksFrom,
    tools: ['wire-brush', 'penetrant', 'rag'],
    cautions: ['eyes'],
    minutes: 5,
    soakMinutes: 30,
  },
  {
    id: 'bracket-bar',
    name: texts.bracketLongBar,
    text: texts.useASixSided,
    why: texts.twelveSidedRounds,
    tools: ['socket-set', 'breaker-bar'],
    cautions: ['stands'],
    minutes: 10,
  },
  {
    id: 'bracket-stop',
    name: texts.bracketStop,
    text: texts.theseBoltsCarry,
    why: texts.aHalfLoosened,
    tools: [],
    cautions: [],
    minutes: 0,
    stops: true,
  },
];

/** For a hub nut. */
export const TIGHT_HUB_NUT: readonly Rung[] = [
  {
    id: 'nut-free',
    name: texts.nutFree,
    text: texts.takeTheKeeper,
    why: texts.aStakedNut,
    tools: ['pick', 'small-hammer', 'wire-brush'],
    cautions: ['eyes'],
    minutes: 10,
  },
  {
    id: 'nut-soak',
    name: texts.nutSoak,
    text: texts.soakTheNut,
    why: texts.itNeedsTimeTo,
    tools: ['penetrant'],
    cautions: [],
    minutes: 2,
    soakMinutes: 30,
  },
  {
    id: 'nut-bar',
    name: texts.nutLongBar,
    text: texts.wheelOnTheGround,
    why: texts.onStandsItWould,
    tools: ['socket-set', 'breaker-bar', 'chocks'],
    cautions: ['chock'],
    minutes: 10,
  },
  {
    id: 'nut-stop',
    name: texts.nutStop,
    text: texts.aWorkshopTurns,
    why: texts.aHubIsNever,
    tools: [],
    cautions: [],
    minutes: 0,
    stops: true,
  },
];
